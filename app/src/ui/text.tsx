import type { ReactNode } from 'react';
import { twMerge } from 'tailwind-merge';
import { Text as NativeText, type TextProps as NativeTextProps } from 'react-native';

const VARIANTS = {
  title: 'font-heading text-[34px] leading-[38px] font-bold tracking-tight text-ink',
  heading: 'font-heading text-[22px] leading-[27px] font-bold tracking-tight text-ink',
  subheading: 'font-heading text-[18px] leading-[23px] font-bold tracking-tight text-ink',
  body: 'font-body text-[16px] leading-[23px] text-ink',
  strong: 'font-body text-[16px] leading-[23px] font-bold text-ink',
  small: 'font-body text-[13px] leading-[18px] text-mute',
  smallStrong: 'font-body text-[13px] leading-[18px] font-bold text-ink',
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
    <NativeText className={twMerge(VARIANTS[variant], className)} {...heading} {...rest}>
      {children}
    </NativeText>
  );
}
