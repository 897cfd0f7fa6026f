export function bundleJobs(outfile?: string): Promise<void>;
