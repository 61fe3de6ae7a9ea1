import { char, double, int, json, text, varchar } from 'drizzle-orm/mysql-core';

/** Column shapes that every table shares, so that a key is as long everywhere. */
export const id = (name = 'id') => varchar(name, { length: 160 });
export const shortText = (name: string) => varchar(name, { length: 80 }).notNull();
export const word = (name: string) => varchar(name, { length: 32 }).notNull();
export const localDate = (name: string) => char(name, { length: 10 }).notNull();
export const metres = (name: string) => double(name).notNull();
export const whole = (name: string) => int(name).notNull();
export const document = <T>(name: string) => json(name).$type<T>().notNull();
export const longNote = (name: string) => text(name);
/** Raised by one with every write; a writer who saw an older one is told. */
export const version = () => int('version').notNull().default(1);
