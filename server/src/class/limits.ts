/** How much the class network takes. What is beyond is refused, or dropped with a line in the log. */
export const CLASS_LIMITS = {
  rooms: 8,
  /** As many as a pile holds. */
  pupils: 300,
  /** Pages of pupils; the teacher's page has places of its own. */
  connections: 1200,
  teacherConnections: 16,
  /** Of one address: a class may sit behind one, but not take every place. */
  connectionsFrom: 120,
  namesFrom: 40,
  /** New names of one address: so many at once, and one in so many milliseconds after that. */
  nameBurst: 40,
  nameEveryMs: 1500,
  /** New connections of one address: so many at once, and so many a second after that. */
  connectBurst: 120,
  connectPerSecond: 10,
  /** Characters that the pupils of one address say: so many at once, and so many a second after that. */
  volumeBurst: 1_000_000,
  volumePerSecond: 60_000,
  /** Sockets of one address, whatever they ask for. */
  socketsFrom: 200,
  /** Pupils who wait to be let in. */
  asking: 40,
  /** Characters of what waits for the teacher's page: of one pupil, and of all pupils of one address. */
  waiting: 100_000,
  waitingFrom: 2_000_000,
  answer: 300,
  /** Questions of a sheet, and so answers that wait for the teacher's page. */
  questions: 2000,
  answersInMessage: 200,
  versions: 26,
  /** Bytes of one message. */
  pupilMessage: 100_000,
  teacherMessage: 16_000_000,
  sheet: 2_000_000,
  slip: 200_000,
  /** Messages of a pupil: so many at once, and so many a second after that; who is faster is shut out. */
  burst: 40,
  perSecond: 10,
  /** A message counts once more for each so many characters. */
  costly: 10_000,
  /** So many messages of a pupil's page may be none of ours. */
  dropped: 20,
  /** Whoever connects says who it is within so many milliseconds. */
  silentMs: 5000,
  /** A class whose teacher's page is away for so long has ended. */
  leftMs: 6 * 3_600_000,
  /** A connection that does not answer for so long is gone. */
  deadMs: 20_000,
  /** So much goes to the teacher's page at once of what waits; the next comes when it is on its way. */
  piece: 100,
  pieceOfOne: 25,
  /** What was being typed when work ended is taken for so long. */
  graceMs: 2000,
  /** Wrong codes from one address within a minute; after them nothing is looked up. */
  guesses: 10,
  /** Wrong codes from anywhere within a minute; after them every join is answered late. */
  allGuesses: 60,
  lateMs: 1500,
} as const;
