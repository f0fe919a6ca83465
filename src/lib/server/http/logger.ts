import { type DestinationStream, type Logger, pino } from 'pino';

/** No line of the log is longer than this, whatever was sent to us. */
const LONGEST = 2000;
const cut = (text: unknown): string => {
	const t = typeof text === 'string' ? text : '';
	return t.length > LONGEST ? `${t.slice(0, LONGEST)} ... (${t.length} characters)` : t;
};

/** An error as the log keeps it. What the database says of a statement carries the values of it, so of those only the code is kept. */
function told(e: unknown): object {
	if (!(e instanceof Error)) return { message: cut(e) };
	const { code, errno, sqlState } = e as Error & { code?: string; errno?: number; sqlState?: string };
	const ofDatabase = sqlState !== undefined || 'sql' in e;
	return {
		type: e.name,
		message: ofDatabase ? `the database refused: ${code ?? ''}` : cut(e.message),
		code,
		errno,
		stack: cut(
			(e.stack ?? '')
				.split('\n')
				.filter((line) => /^\s+at /.test(line))
				.join('\n')
		)
	};
}

/** A log that keeps no values of statements, no PINs and no tokens, one short JSON line an event. */
export const loggerTo = (stream: DestinationStream): Logger =>
	pino(
		{
			level: process.env.UNCINUS_LOG ?? 'info',
			base: null,
			serializers: { err: told, path: cut, name: cut },
			redact: ['pin', 'newPin', 'token', 'cookie', '*.pin', '*.newPin', '*.token', '*.cookie']
		},
		stream
	);

/** The server's own log, to standard error. */
export const logger = loggerTo(pino.destination(2));
