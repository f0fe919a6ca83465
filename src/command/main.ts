import { Command } from 'commander';
import { inWords, say } from './system.js';

const program = new Command('uncinus').description(
	'Takes a grinding machinist from a brief to a wheel released to grind.'
);
const done = (work: Promise<unknown>): void => {
	work.catch((error: Error) => {
		say(`\n${inWords(error)}`);
		process.exitCode = 1;
	});
};

program
	.command('demo')
	.description('start everything with the demo shop Brackwater Pump Rebuild')
	.option('--reset', 'start the demo over; the old one is kept in a folder beside it')
	.option('--port <port>', 'port to listen on', '4173')
	.action((o: { reset?: boolean; port: string }) =>
		done(import('./serve.js').then((m) => m.serve({ demo: true, reset: !!o.reset, port: Number(o.port) })))
	);
program
	.command('start')
	.description('start the application without demo data')
	.option('--port <port>', 'port to listen on', '4173')
	.action((o: { port: string }) =>
		done(import('./serve.js').then((m) => m.serve({ demo: false, reset: false, port: Number(o.port) })))
	);
program
	.command('dev')
	.description('start for development, with the demo data and live reload')
	.option('--port <port>', 'port', '5173')
	.action((o: { port: string }) => done(import('./serve.js').then((m) => m.develop(Number(o.port)))));
program
	.command('cluster')
	.description(
		'three databases that keep the same, two applications and a proxy on this machine, to be shown and killed'
	)
	.option('--port <port>', 'port of the proxy', '4173')
	.action((o: { port: string }) =>
		done(import('../../tools/cluster/command.js').then((m) => m.cluster({ port: Number(o.port) })))
	);
program
	.command('test')
	.description(
		'format, lint, types, unit, server and browser tests; with --only also what is run on demand (cluster)'
	)
	.option('--only <part>', 'one of format, lint, types, core, server, doors, cluster, browser')
	.option('--match <text>', 'only tests whose name holds this')
	.action((o: { only?: string; match?: string }) =>
		done(import('./test.js').then((m) => m.test(o.only, o.match)))
	);
program
	.command('bench')
	.description('speed, as ratios in one run')
	.option('--kill <times>', 'kill database and application so often while eight record, and count')
	.option('--cluster', 'kill nodes and applications of a cluster while eight record, and count')
	.option(
		'--only <part>',
		'one of silence, calc, patch, form, ring, balance, stand, pages, operators, start, task, history, floor, rack, log'
	)
	.action((o: { kill?: string; cluster?: boolean; only?: string }) =>
		done(
			import('../../tools/bench/bench.js').then((m) =>
				o.cluster ? m.benchCluster() : o.kill ? m.benchKills(Number(o.kill)) : m.bench(o.only)
			)
		)
	);
program
	.command('calc')
	.argument('[id]', 'calculation')
	.option('--batch', 'one {"id","input"} a line')
	.option('--list', 'print the ids')
	.option('--reference', 'print the reference of all')
	.option('--explain <id>', 'print fields, limits, hard ends and codes of one')
	.description('run a calculation on standard input')
	.action(
		(id: string | undefined, o: { batch?: boolean; list?: boolean; reference?: boolean; explain?: string }) =>
			done(import('./calc.js').then((m) => m.calc(id, o)))
	);
program
	.command('licences')
	.description('print the licences of everything that is shipped')
	.action(() => done(import('./licences.js').then((m) => void process.stdout.write(m.licencesDocument()))));
program
	.command('codes')
	.description('print every reason and refusal code with its words and where it is made')
	.action(() => done(import('./codes.js').then((m) => void process.stdout.write(m.codesDocument()))));
program
	.command('backup')
	.argument('<file>')
	.description('write everything kept to a file')
	.action((file: string) =>
		done(
			import('./database/backup.js').then((m) =>
				process.env.UNCINUS_DB_HOST ? m.backupOfGiven(file) : m.backup(file)
			)
		)
	);
program
	.command('migrate')
	.description('bring the tables of a database somewhere else up to date, as its owner (UNCINUS_DB_*)')
	.action(() => done(import('./database/migrate-given.js').then((m) => m.migrateGiven())));
program
	.command('restore')
	.argument('<file>')
	.option('--over', 'replace the shop that is there')
	.description('put a backup in place; a shop that is there is replaced only when that is said')
	.action((file: string, o: { over?: boolean }) =>
		done(import('./database/restore.js').then((m) => m.restore(file, !!o.over)))
	);
program
	.command('verify')
	.argument('[file]', 'a backup; without one the shop here')
	.description('check that every record is as it was kept, and what keeps them')
	.action((file: string | undefined) => done(import('./database/verify.js').then((m) => m.verify(file))));
program
	.command('person')
	.argument('<what>', 'add or reset')
	.argument('<name>', 'first and last, in quotes')
	.description('let a lead in, or give somebody who is locked out a PIN for one time')
	.action((what: string, name: string) =>
		done(
			what === 'add' || what === 'reset'
				? import('./person.js').then((m) => m.person(what, name))
				: Promise.reject(new Error('Say add or reset, then the name in quotes.'))
		)
	);
program
	.command('doctor')
	.description('say what is installed, running, writable and migrated')
	.action(() => done(import('./doctor.js').then((m) => m.doctor())));
program.parse();
