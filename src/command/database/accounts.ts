import type { Access } from './access.js';

export const APP = 'uncinus';
export const OWNER = 'uncinus_owner';
const HOSTS = ['localhost', '127.0.0.1'] as const;
/** What the application does: it reads and writes rows. Tables, triggers and files are not its business. */
const APP_MAY = 'SELECT, INSERT, UPDATE, DELETE';

/**
 * What the database does to itself at every start, before it answers anybody: only our own accounts stay, with the passwords of this
 * folder. One statement a line, as the server reads it.
 */
export function accountsSql(access: Access): string {
	const keep = "'mariadb.sys'";
	const ours = (user: string, password: string, may: string) =>
		HOSTS.flatMap((host) => [
			`CREATE OR REPLACE USER '${user}'@'${host}' IDENTIFIED BY '${password}'`,
			`GRANT ${may} ON uncinus.* TO '${user}'@'${host}'`
		]);
	return [
		'CREATE DATABASE IF NOT EXISTS uncinus CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci',
		`DELETE FROM mysql.global_priv WHERE User NOT IN (${keep})`,
		...['db', 'tables_priv', 'columns_priv', 'procs_priv', 'proxies_priv'].map(
			(t) => `DELETE FROM mysql.${t} WHERE User NOT IN (${keep})`
		),
		'FLUSH PRIVILEGES',
		// For whoever is root on this machine anyway, over the socket only.
		"CREATE OR REPLACE USER 'root'@'localhost' IDENTIFIED VIA unix_socket",
		"GRANT ALL ON *.* TO 'root'@'localhost' WITH GRANT OPTION",
		...ours(APP, access.password, APP_MAY),
		...ours(OWNER, access.ownerPassword, 'ALL PRIVILEGES'),
		'FLUSH PRIVILEGES'
	]
		.map((s) => `${s};\n`)
		.join('');
}
