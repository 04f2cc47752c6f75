import type { Key } from '../../key/key';
import { attempt } from '../../errors';
import { keyEvidence, rivalsOf, type KeyEvidence } from './evidence';
import { ScoreReader, type ChordsFrom } from './readScore';
import { rulingOfRow, type RulingRow } from './rulingRows';
import { toRead, type Score } from '../model/score';
import { weightsFor, type Modulation } from './weights';
import type { KeyArea, ScoreReading } from './scoreReading';

/** A key area with what speaks for and against its key, and the keys it is weighed against. */
export interface WeighedKey {
  readonly area: KeyArea;
  readonly evidence: readonly KeyEvidence[];
  readonly rivals: readonly { readonly key: Key; readonly evidence: readonly KeyEvidence[] }[];
}

/** Everything that is found out about a piece: plain data, so that it can cross from a worker. */
export interface PieceReading {
  readonly reading: ScoreReading;
  readonly keys: readonly WeighedKey[];
}

/** Reads a piece under its rulings; a ruling that cannot be read any more is passed over. */
export function weighPiece(
  score: Score,
  rulings: readonly RulingRow[],
  modulation: Modulation = 'usual',
  chordsFrom: ChordsFrom = 'symbols',
): PieceReading {
  return new PieceReader().read(score, rulings, modulation, chordsFrom);
}

/** Reads a piece again and again while it is worked on, as ScoreReader: what is as it was stays the same object. */
export class PieceReader {
  private readonly reader = new ScoreReader();

  /** As weighPiece, and with the same result. */
  read(
    score: Score,
    rulings: readonly RulingRow[],
    modulation: Modulation = 'usual',
    chordsFrom: ChordsFrom = 'symbols',
  ): PieceReading {
    const given = toRead(score);
    const read = rulings.flatMap((row) => {
      const ruling = attempt(() => rulingOfRow(row));
      return ruling.ok ? [ruling.value] : [];
    });
    const reading = this.reader.read(given, { rulings: read, weights: weightsFor(modulation), chordsFrom });
    return {
      reading,
      keys: reading.keys.map((area) => ({
        area,
        evidence: keyEvidence(given, reading, area, area.key),
        rivals: rivalsOf(reading, area).map((key) => ({
          key,
          evidence: keyEvidence(given, reading, area, key),
        })),
      })),
    };
  }
}
