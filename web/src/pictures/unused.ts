/** Stands for optional packages of the PDF package that are not shipped. */
export default undefined;
