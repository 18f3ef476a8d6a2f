<?php

declare(strict_types=1);

namespace Tests\Words;

use PHPUnit\Framework\TestCase;

/**
 * One thing has one name: words that were once used for the trade's own are found nowhere that a person reads.
 */
final class GlossaryTest extends TestCase
{
    private const ROOT = __DIR__ . '/../..';

    /** Patterns, by the word that is used. */
    private const NOT_USED = [
        'tripod' => ['on (?:its )?legs', 'legs alone'],
        'interval, start to start' => ['one every'],
        'keyframe, marker, handle' => ['(?<!:)pegs?', '(?<!:)stakes?', '(?-i:key A)'],
        'take this position; drive to keyframe A' => ['(?-i:set A here|go to A)'],
        'custom easing' => ['ramps of the ease', 'ease of its own'],
        'shoot-move-shoot; continuous; stop motion' => ['stops for each photo', 'creeps on', 'steps without a clock'],
        'slack' => ['to spare', 'room for chance'],
        'will fail' => ['falls? short', 'falling short', 'spoils? the shot'],
        'Set interval to, Set shutter to' => ['take one every', 'expose \d'],
        'exposure ramp' => ['how it is followed', 'ways to follow the light'],
        'use this method' => ['expose this way'],
        'target brightness; scene brightness; light pollution; lamps on' => ['brightness wanted', 'light there', 'town[s’\']* glow', 'they burn'],
        'add light data; remove light data' => ['leave the light out', 'describe the light'],
        'calibrate to reading; clear reading' => ['pin light to meter', 'forget what was metered'],
        'not set' => ['not said'],
        'preflight' => ['look at these first', 'looked over'],
        'read device settings; test move to both ends' => ['say what they are set to', 'drive to both ends'],
        'run, resume, end early; late by' => ['shoot it', 'go(?:es|ing)? on', 'went on', 'finish early', 'behind the plan'],
        'simulation; test move' => ['rehears\w+', 'dry-run it'],
        'trigger cable only, unconfirmed' => ['on the trigger line alone', 'nobody hears'],
        'flag as bad; keep as still; clear flag' => ['spoilt', 'a still to keep'],
        'acknowledge; cleared; no problems logged' => ['I have seen it', 'over, or seen', 'nothing went wrong that'],
        'after an interruption: resume position, or rejoin schedule' => ['after a gap', 'keep to the clock'],
        'photo matching; unmatched; correct a match; longest unbroken sequence'
            => ['which is which', 'none of the plan[’\']s', 'stands? in the wrong place', 'clean stretch'],
        'deflicker' => ['brought level'],
        'speed change; moving crop; missing or bad photos' => ['let some go faster', 'to a second crop'],
        'reverse playback' => ['from the last to the first'],
        'reshoot times; measured from this camera; rating; lesson'
            => ['(?<!the )(?<!open )shot again', 'learnt about the body', 'how it came out', 'what was learnt'],
        'packing list; capacity' => ['what it takes along', 'budgets?'],
        'video mode; matching real-time pass; clean plate' => ['film instead of photos', 'pass in real time that matches', 'still of the empty scene'],
        'end condition' => ['how it ends'],
        'predicted, planned, actual' => ['foretold', 'as it will be', 'really stood'],
        'fallback position; shot risks; framing aid' => ['else stand here', 'what may spoil it', 'ghost'],
        'total travel; transform move; back and forth' => ['go in all', 'set the way', 'move as a whole', 'ping-pong'],
        'not responding; address' => ['nobody answers', 'reached at'],
    ];

    public function testNoWordIsUsedThatHasAnother(): void
    {
        $found = [];
        foreach (self::read() as $place => $text) {
            foreach (self::NOT_USED as $use => $patterns) {
                if (preg_match('~(?<![\w-])(?:' . implode('|', $patterns) . ')(?![\w-])~iu', $text, $match) === 1) {
                    $found[] = "{$place}: “{$match[0]}”, use {$use}";
                }
            }
        }
        self::assertSame([], $found);
    }

    /**
     * @return iterable<string, string> each text of the catalogue, each line of the documents, each description of the schemas; what is code in them is not
     *                                  for reading
     */
    private static function read(): iterable
    {
        foreach (self::files('lang/en/*.php') as $file) {
            $words = require $file;
            self::assertIsArray($words);
            foreach (self::flat($words) as $key => $text) {
                yield basename($file, '.php') . ".{$key}" => $text;
            }
        }
        foreach ([...self::files('*.md'), ...self::files('docs/*.md')] as $file) {
            foreach (explode("\n", (string) file_get_contents($file)) as $n => $line) {
                yield basename($file) . ':' . ($n + 1) => (string) preg_replace('/`[^`]*`|\]\([^)]*\)/', '', $line);
            }
        }
        foreach (self::files('docs/schema/*.json') as $file) {
            preg_match_all('/"description": "((?:[^"\\\\]|\\\\.)*)"/', (string) file_get_contents($file), $descriptions);
            foreach ($descriptions[1] as $n => $description) {
                yield basename($file) . " {$n}" => $description;
            }
        }
    }

    /**
     * @return list<string>
     */
    private static function files(string $pattern): array
    {
        $files = glob(self::ROOT . "/{$pattern}");
        self::assertIsArray($files);
        self::assertNotEmpty($files);

        return $files;
    }

    /**
     * @param array<mixed> $words
     *
     * @return array<string, string>
     */
    private static function flat(array $words): array
    {
        $flat = [];
        foreach ($words as $name => $value) {
            foreach (is_array($value) ? self::flat($value) : ['' => $value] as $further => $text) {
                self::assertIsString($text);
                $flat[trim("{$name}.{$further}", '.')] = $text;
            }
        }

        return $flat;
    }
}
