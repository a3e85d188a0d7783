import type { ReactNode } from 'react';
import { extendTailwindMerge } from 'tailwind-merge';
import { Text as NativeText, type TextProps as NativeTextProps } from 'react-native';
import { SIZES_px } from '../../type-scale';

const sizes = SIZES_px.map(String);
/** Knows the sizes of this application from colours, which are written alike. */
const merged = extendTailwindMerge({
  extend: { classGroups: { 'font-size': [{ text: sizes }], leading: [{ leading: sizes }] } },
});

const VARIANTS = {
  // Twice as large, the longest word of a title still has room on a phone.
  title: 'font-heading text-[length:min(2.125rem,14vw)] leading-38 font-bold tracking-tight text-ink',
  heading: 'font-heading text-22 leading-27 font-bold tracking-tight text-ink',
  subheading: 'font-heading text-18 leading-23 font-bold tracking-tight text-ink',
  body: 'font-body text-16 leading-23 text-ink',
  strong: 'font-body text-16 leading-23 font-bold text-ink',
  small: 'font-body text-13 leading-18 text-mute',
  smallStrong: 'font-body text-13 leading-18 font-bold text-ink',
} as const;

export type TextVariant = keyof typeof VARIANTS;

const LEVELS: Partial<Record<TextVariant, number>> = { title: 1, heading: 2, subheading: 3 };

interface TextProps extends Omit<NativeTextProps, 'style'> {
  readonly variant?: TextVariant;
  readonly className?: string;
  readonly children: ReactNode;
}

/** All words in the application: a size, a weight, and for headings their level. Classes given win over the variant's. */
export function Text({ variant = 'body', className = '', children, ...rest }: TextProps) {
  const level = LEVELS[variant];
  const heading = level ? ({ role: 'heading', 'aria-level': level } as const) : {};
  return (
    <NativeText className={merged(VARIANTS[variant], className)} {...heading} {...rest}>
      {children}
    </NativeText>
  );
}
