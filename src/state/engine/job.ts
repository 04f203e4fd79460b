/** Numbers by which workers know jobs. */
let jobs = 0;

/** A number that no other job has. */
export const nextJob = () => (jobs += 1);
