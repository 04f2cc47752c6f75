/** Whether these are the pages alone, on a web server that only hands out files: no class, nothing kept by it. */
export const arePages = (): boolean => document.querySelector('meta[name="diatonix-hosting"]') !== null;
