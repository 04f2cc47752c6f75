/** Stands for the address that the bundler gives to a file. */
export default '/assets/file';
