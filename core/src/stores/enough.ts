/** A jar that is weighed, and a bottle that is filled by eye, is right to this share. */
export const NEARLY = 0.02;

/** Whether there is as much as is wanted, as far as jars and bottles are exact; both in one unit. */
export const isEnough = (there: number, wanted: number): boolean => there >= wanted * (1 - NEARLY);
