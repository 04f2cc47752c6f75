/**
 * How a cell begins that a table program would work out instead of showing it: the signs of formulas, also as wide as
 * letters of East Asian type, and what such programs pass over before one (OWASP, CSV Injection).
 */
export const FORMULA_STARTS = /^[=+\-@\t\r\n\uFF1D\uFF0B\uFF0D\uFF20]/;
