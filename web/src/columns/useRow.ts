import { useState } from 'react';
import { STAFF_ROW } from './System';

/** The row that the keyboard is in. */
export function useRow(): [string, (row: string) => void] {
  return useState(STAFF_ROW);
}
