import { choicesOf, LABEL_SETTINGS, SYMBOL_SETTINGS } from '@diatonix/core';
import { Type } from 'class-transformer';
import { IsIn, IsObject, ValidateNested } from 'class-validator';

/** A class whose fields are the settings of a table of schools. */
function fromSettings(target: object, table: typeof LABEL_SETTINGS | typeof SYMBOL_SETTINGS): void {
  for (const [name, setting] of Object.entries(table)) IsIn(choicesOf(setting))(target, name);
}

class SymbolsCheck {}
fromSettings(SymbolsCheck.prototype, SYMBOL_SETTINGS);

/** How chords are labelled, as it stands in a file or a row. */
export class LabelsCheck {
  @IsObject()
  @ValidateNested()
  @Type(() => SymbolsCheck)
  symbols!: SymbolsCheck;
}
fromSettings(LabelsCheck.prototype, LABEL_SETTINGS);
