/** Times that are offered, by how long a verb usually takes. */
export const SHORT = ['30 s', '1 min', '2 min', '5 min'] as const;
export const COOKING = ['5 min', '10 min', '20 min', '35 min', '45 min', '1 h'] as const;
export const LONG = ['30 min', '2 h', '4 h', '8 h', '12 h', '1 day'] as const;
