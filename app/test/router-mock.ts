import { cloneElement, createElement, type ReactElement } from 'react';

/** Where screens wanted to go. */
export const mockGo = { push: jest.fn(), replace: jest.fn(), back: jest.fn() };

interface LinkProps {
  readonly href: string;
  readonly asChild?: boolean;
  readonly children: ReactElement<{ href: string; role: string }>;
}

/** What stands for the router in tests of screens: links are links, and going somewhere is noted. */
export const mockRouter = () => ({
  router: {
    push: (...args: unknown[]) => mockGo.push(...args),
    replace: (...args: unknown[]) => mockGo.replace(...args),
    back: () => mockGo.back(),
  },
  Link: ({ href, asChild, children }: LinkProps) =>
    asChild ? cloneElement(children, { href, role: 'link' }) : createElement('a', { href }, children),
});
