import { LIMITS, PUPILS_FORMAT, PUPILS_VERSION, TheoryError, type PupilsFile } from '@diatonix/core';
import { Type } from 'class-transformer';
import {
  ArrayMaxSize,
  IsArray,
  IsInt,
  IsObject,
  IsString,
  MaxLength,
  Min,
  ValidateNested,
} from 'class-validator';
import { isObject, isSound } from './sound';
import { May, MayBeNull } from './decorators';

class SentQuestionCheck {
  @IsString() id!: string;
  @IsObject() given!: PupilsFile['sheets'][number]['sections'][number]['questions'][number]['given'];
}

class SentSectionCheck {
  @IsString() kind!: string;
  @MayBeNull() @IsString() instruction?: string | null;
  @May() @IsInt() @Min(0) marks?: number;
  @IsArray() @ValidateNested({ each: true }) @Type(() => SentQuestionCheck) questions!: SentQuestionCheck[];
}

/** A version of a sheet without answers. */
class PupilSheetCheck {
  @IsString() title!: string;
  @IsString() version!: string;
  @IsString() code!: string;
  @May() @IsInt() @Min(0) marks?: number;
  @IsArray()
  @ArrayMaxSize(LIMITS.questions)
  @ValidateNested({ each: true })
  @Type(() => SentSectionCheck)
  sections!: SentSectionCheck[];
}

/** A name of the class. */
class NameCheck {
  @IsString() @MaxLength(LIMITS.nameInFile) name!: string;
  @IsInt() @Min(0) version!: number;
}

const RIGHT = 'Ask your teacher for the file “for pupils” of the sheet.';

/**
 * Reads the file for pupils. Throws TheoryError `request` naming the file, for what is too large, no JSON, another
 * kind of file, or a sheet that is not whole.
 */
export function readPupilsFile(file: string, text: string): PupilsFile {
  const wrong = (what: string, right = RIGHT) => new TheoryError('request', file, what, right);
  if (text.length > LIMITS.sheetFile) throw wrong('it is larger than 5 MB.');
  let data: unknown;
  try {
    data = JSON.parse(text);
  } catch {
    throw wrong('this is not the file of a sheet: it cannot be read as JSON.');
  }
  const { format, version, practice, sheets, names } = isObject(data) ? data : {};
  if (format === 'diatonix-workbook') throw wrong('this is a teacher’s whole workbook.');
  if (format === 'diatonix-sheet') throw wrong('this is the teacher’s own file of the sheet.');
  if (format !== PUPILS_FORMAT) throw wrong('this is not the file of a sheet.');
  if (version !== PUPILS_VERSION)
    throw wrong(
      `its version is ${JSON.stringify(version) ?? 'missing'}.`,
      `This page reads version ${PUPILS_VERSION}: reload it, or ask for the file again.`,
    );
  if (!Array.isArray(sheets) || sheets.length === 0 || sheets.length > LIMITS.versions)
    throw wrong(`it should hold 1 to ${LIMITS.versions} versions of a sheet.`);
  return {
    practice: practice === true,
    ...(names === undefined ? {} : { names: namesOf(names, sheets.length, wrong) }),
    sheets: sheets.map((one: unknown, at) => {
      if (!isSound(PupilSheetCheck, one)) throw wrong(`version ${at + 1} of the sheet is not whole.`);
      const sheet = one as PupilSheetCheck;
      const odd = oddNumber(sheet);
      if (odd !== null) throw wrong(odd);
      return sheetOf(sheet);
    }),
  };
}

function namesOf(names: unknown, versions: number, wrong: (what: string) => TheoryError) {
  if (!Array.isArray(names) || names.length > LIMITS.pupils)
    throw wrong(`its list of names should hold ${LIMITS.pupils} names at most.`);
  return names.map((one: unknown, at) => {
    if (!isSound(NameCheck, one) || (one as NameCheck).version >= versions)
      throw wrong(`name ${at + 1} of its list is not whole.`);
    const { name, version } = one as NameCheck;
    return { name, version };
  });
}

/** What is known of a version; whatever else the file says is left out. */
const sheetOf = ({ title, version, code, marks = 0, sections }: PupilSheetCheck) => ({
  ...{ title, version, code, marks },
  sections: sections.map(({ kind, instruction = null, marks: each = 0, questions }) => ({
    ...{ kind, instruction, marks: each },
    questions: questions.map(({ id, given }) => ({ id, given })),
  })),
});

/** Section and place: `2.3`. */
const NUMBER = /^\d{1,3}\.\d{1,4}$/;

/** What is wrong with the numbers of the questions, or with how many they are; null where nothing is. */
function oddNumber({ sections }: PupilSheetCheck): string | null {
  const seen = new Set<string>();
  for (const { questions } of sections)
    for (const { id } of questions) {
      if (!NUMBER.test(id))
        return `a question that is called “${id.slice(0, 20)}” should have a number such as 2.3.`;
      if (seen.has(id)) return `question ${id} stands in it twice.`;
      seen.add(id);
    }
  return seen.size > LIMITS.questions
    ? `it has ${seen.size} questions, and a sheet has ${LIMITS.questions} at most.`
    : null;
}
