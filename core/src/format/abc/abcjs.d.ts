declare module 'abcjs/src/parse/abc_parse.js' {
  /** The parser of the package, without what draws and plays. */
  export default class Parse {
    parse(text: string, params: object): void;
    getTune(): unknown;
    getWarnings(): unknown;
  }
}
