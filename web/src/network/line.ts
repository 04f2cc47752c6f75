/** What a line needs of a socket: the browser's, or that of a test. */
export interface Socket {
  readonly readyState: number;
  send(text: string): void;
  close(): void;
  onopen: (() => void) | null;
  onclose: (() => void) | null;
  onerror: (() => void) | null;
  onmessage: ((event: { readonly data: unknown }) => void) | null;
}

export interface ConnectionOptions<Heard> {
  /** Opens a socket; called again whenever the line has been down. */
  readonly open: () => Socket;
  readonly onUp: () => void;
  readonly onDown: () => void;
  readonly onHeard: (message: Heard) => void;
  /** Fetches what tells a message from anything else; what is none is passed over. */
  readonly check?: () => Promise<(message: unknown) => message is Heard>;
}

const OPEN = 1;
const FIRST_RETRY_MS = 400;
const LONGEST_RETRY_MS = 6000;
/** Something is said so often, and the line is taken for dead where nothing is heard for twice as long. */
const BEAT_MS = 8000;

/**
 * A connection that comes back by itself, sooner at first and not all at once: where a server is started again the
 * pages of a class come one after the other.
 */
export class Connection<Says extends { readonly type: string }, Heard extends { readonly type: string }> {
  private heard: Promise<void> = Promise.resolve();
  private socket: Socket | null = null;
  private timer: ReturnType<typeof setTimeout> | null = null;
  private beat: ReturnType<typeof setInterval> | null = null;
  private retry = FIRST_RETRY_MS;
  private heardAt = 0;
  private stopped = false;

  constructor(private readonly options: ConnectionOptions<Heard>) {
    this.connect();
  }

  get isUp(): boolean {
    return this.socket?.readyState === OPEN;
  }

  /** Says something; false where the line is down. */
  say(message: Says): boolean {
    if (!this.isUp) return false;
    this.socket!.send(JSON.stringify(message));
    return true;
  }

  /** Tries again now: the network came back, or the page was shown again. */
  hurry(): void {
    if (this.stopped || this.socket) return;
    if (this.timer) clearTimeout(this.timer);
    this.connect();
  }

  stop(): void {
    this.stopped = true;
    if (this.timer) clearTimeout(this.timer);
    const { socket } = this;
    if (!socket) return;
    this.down();
    socket.close();
  }

  private connect(): void {
    this.timer = null;
    let socket: Socket;
    try {
      socket = this.options.open();
    } catch {
      return this.again();
    }
    this.socket = socket;
    socket.onopen = () => {
      this.retry = FIRST_RETRY_MS;
      this.heardAt = Date.now();
      this.beat = setInterval(() => this.check(), BEAT_MS);
      this.options.onUp();
    };
    socket.onmessage = ({ data }) => {
      this.heardAt = Date.now();
      let message: unknown;
      try {
        message = JSON.parse(String(data));
      } catch {
        return;
      }
      this.hear(message);
    };
    socket.onerror = () => undefined;
    socket.onclose = () => this.socket === socket && this.lost();
  }

  /** Messages are heard in their order, once what checks them has come. */
  private hear(message: unknown): void {
    const { check, onHeard } = this.options;
    const heard = (known: Heard) => {
      if (known.type !== 'pong') onHeard(known);
    };
    if (!check) return heard(message as Heard);
    this.heard = this.heard
      .then(async () => {
        const isHeard = await check();
        if (isHeard(message)) heard(message);
      })
      .catch(() => undefined);
  }

  private check(): void {
    if (Date.now() - this.heardAt > 2 * BEAT_MS) {
      const dead = this.socket;
      this.lost();
      dead?.close();
    } else this.say({ type: 'ping' } as Says);
  }

  private lost(): void {
    this.down();
    this.again();
  }

  private down(): void {
    if (this.beat) clearInterval(this.beat);
    this.beat = null;
    this.socket = null;
    this.options.onDown();
  }

  private again(): void {
    if (this.stopped) return;
    // No randomness of theory: only that three hundred pages do not come in the same moment.
    this.timer = setTimeout(() => this.connect(), this.retry * (0.5 + Math.random()));
    this.retry = Math.min(LONGEST_RETRY_MS, this.retry * 1.7);
  }
}
