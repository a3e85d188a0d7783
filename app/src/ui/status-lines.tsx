import { Text } from './text';

interface StatusLinesProps {
  readonly lines: readonly (string | null)[];
  readonly className?: string;
}

/** What there is to be said of a page's own state, a line each; what is null is not said. */
export const StatusLines = ({ lines, className = '' }: StatusLinesProps) =>
  lines.map((line) =>
    line ? (
      <Text key={line} variant="small" role="status" className={className}>
        {line}
      </Text>
    ) : null,
  );
