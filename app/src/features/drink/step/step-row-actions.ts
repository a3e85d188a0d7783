/** What can be done with a step of the list. */
export interface StepRowActions {
  readonly onRewrite: (id: string, line: string) => void;
  readonly onMove: (id: string, to: number) => void;
  readonly onRemove: (id: string) => void;
  /** Takes up the line above or below; below the last is the one that is typed next. */
  readonly onBeside: (id: string, way: 'up' | 'down') => void;
  readonly onDuplicate: (id: string) => void;
  /** Opens the sheet with everything a step can say. */
  readonly onOpen: (id: string) => void;
}
