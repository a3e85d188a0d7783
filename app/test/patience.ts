import { configure } from '@testing-library/react';

/** What is looked for may come late on a machine that is busy with something else; what never comes still fails. */
configure({ asyncUtilTimeout: 20_000 });
