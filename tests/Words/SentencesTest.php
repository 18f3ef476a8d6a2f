<?php

declare(strict_types=1);

namespace Tests\Words;

use FilesystemIterator;
use PhpToken;
use PHPUnit\Framework\TestCase;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;
use SplFileInfo;

/**
 * No sentence for people stands outside lang/. What a defect says in a log is for whoever keeps the program, and stays with it.
 */
final class SentencesTest extends TestCase
{
    private const ROOT = __DIR__ . '/../..';

    /** Three words and more, or a sentence that ends. */
    private const SENTENCE = '/[A-Z][a-z’\']+(?: [A-Za-z’\'-]+,?){2,}|[a-z]{3,} [a-z]{2,} [a-z]{2,}.*[.?!]$/u';

    /** Lines that only a log shows, or that a device or a database reads. */
    private const TO_A_LOG = '/Exception\(|Error\(|parent::__construct\(|failed\(|->comment\(|LogicException|lock table|busy:/';

    /** Errors of the system as it words them, names of simulated devices, patterns, and queries. */
    private const NO_SENTENCE = '~^(?:No space left|Evrent Simulated body$|Evrent rig, G-code$|/\^|insert into )~';

    public function testPhpHoldsNone(): void
    {
        $found = [];
        foreach (['core', 'devices', 'app', 'cli', 'words'] as $folder) {
            foreach ($this->files($folder, 'php') as $path => $source) {
                $lines = explode("\n", $source);
                foreach (PhpToken::tokenize($source) as $token) {
                    $text = $token->is([T_CONSTANT_ENCAPSED_STRING, T_ENCAPSED_AND_WHITESPACE]) ? trim($token->text, '\'"') : '';
                    $isSentence = preg_match(self::SENTENCE, $text) === 1 && preg_match(self::NO_SENTENCE, $text) !== 1;
                    if ($isSentence && preg_match(self::TO_A_LOG, $lines[$token->line - 1]) !== 1) {
                        $found[] = "{$path}:{$token->line} {$text}";
                    }
                }
            }
        }
        self::assertSame([], $found);
    }

    public function testScriptsHoldNone(): void
    {
        $found = [];
        foreach ($this->files('resources/js', 'js') as $path => $source) {
            $source = (string) preg_replace(['~/\*.*?\*/~s', '~^\s*//.*$~m'], '', $source);
            if (preg_match_all('/([\'"`])([A-Z][a-z’]+(?: [A-Za-z’-]+){2,}[^\'"`\n]*)\1/u', $source, $texts) > 0) {
                $found[$path] = $texts[2];
            }
        }
        self::assertSame([], $found);
    }

    /** A view has tags, and what it says between them comes from the catalogue. */
    public function testViewsHoldNone(): void
    {
        $found = [];
        foreach ($this->files('resources/views', 'php') as $path => $source) {
            $text = (string) preg_replace(
                ['~\{\{--.*?--\}\}~s', '~@php\b.*?@endphp~s', '~<(script|style)\b.*?</\1>~s', '~\{\{.*?\}\}|\{!!.*?!!\}~s', '~@\w+\s*(\((?:[^()]++|(?1))*\))?~'],
                ' ¤ ',
                $source,
            );
            $text = (string) preg_replace('~<(?:[^<>"\']|"[^"]*"|\'[^\']*\')*>~', ' ', $text);
            if (preg_match_all('/[A-Za-z’]{3,}(?: [A-Za-z’]+)+/u', str_replace('bin/evrent manifest', '', $text), $texts) > 0) {
                $found[$path] = $texts[0];
            }
        }
        self::assertSame([], $found);
    }

    /**
     * @return iterable<string, string> sources by path
     */
    private function files(string $folder, string $ending): iterable
    {
        foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator(self::ROOT . "/{$folder}", FilesystemIterator::SKIP_DOTS)) as $file) {
            if ($file instanceof SplFileInfo && $file->getExtension() === $ending) {
                yield substr($file->getPathname(), strlen(self::ROOT) + 1) => (string) file_get_contents($file->getPathname());
            }
        }
    }
}
