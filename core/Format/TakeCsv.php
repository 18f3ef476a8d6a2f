<?php

declare(strict_types=1);

namespace Evrent\Core\Format;

use Evrent\Core\Messages\Text;
use Evrent\Core\Run\Take\TakeReport;
use Evrent\Core\Words\PlainText;

/**
 * A take photo by photo as rows for a spreadsheet: planned against actual, seconds from the first photo's due time.
 */
final class TakeCsv
{
    private const COLUMNS = ['photo', 'state', 'planned_s', 'triggered_s', 'late_s', 'file', 'why'];

    /**
     * @param callable(Text|string): string $words puts a message into words
     *
     * @return iterable<string> lines of the file
     */
    public static function lines(TakeReport $report, callable $words): iterable
    {
        foreach (self::rows($report, $words) as $row) {
            // Doubled, a quotation mark is one; a cell that has one, or a comma, stands in marks of its own.
            yield implode(',', array_map(
                static fn (string $cell): string => strpbrk($cell, ",\"\n") === false ? $cell : '"' . str_replace('"', '""', $cell) . '"',
                $row,
            )) . "\n";
        }
    }

    /**
     * @param callable(Text|string): string $words puts a message into words
     *
     * @return iterable<list<string>> cells, the names of the columns first
     */
    public static function rows(TakeReport $report, callable $words): iterable
    {
        yield self::COLUMNS;
        $number = static fn (?float $seconds): string => $seconds === null ? '' : PlainText::number(round($seconds, 4));
        foreach ($report->photos as $photo => $told) {
            yield [
                (string) $photo, $told['state']->value, $number($told['planned']), $number($told['actual']), $number($told['late']),
                self::text(basename($told['object'] ?? '')), self::text($words($told['why'] ?? '')),
            ];
        }
    }

    /** What begins as a formula does is a text to a spreadsheet behind an apostrophe. */
    private static function text(string $cell): string
    {
        return preg_match('/^[=+@\t\r]/', $cell) === 1 ? "'{$cell}" : $cell;
    }
}
