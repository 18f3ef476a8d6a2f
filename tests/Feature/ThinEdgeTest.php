<?php

declare(strict_types=1);

namespace Tests\Feature;

use PHPUnit\Framework\TestCase;
use Symfony\Component\Finder\Finder;
use Symfony\Component\Finder\SplFileInfo;

/**
 * Controllers read what is asked, have it done, and answer: they write nothing, and they tell nobody what went wrong.
 */
final class ThinEdgeTest extends TestCase
{
    /** Where what went wrong becomes an answer. */
    private const TELLING = ['Exceptions/Told.php', 'Http/Responses/ShotResponse.php'];

    public function testOnlyActionsWrite(): void
    {
        foreach (self::files('app/Http/Controllers', 'app/Http/Requests', 'app/Http/Responses', 'app/Pages') as $file) {
            $writes = '/\bDB::(?!connection\(\)->select\()|->(save|create|update|delete|restore|forceDelete|insert|insertOrIgnore|upsert|updateOrCreate|lockForUpdate|transaction)\(/';
            self::assertDoesNotMatchRegularExpression($writes, $file->getContents(), $file->getRelativePathname());
        }
    }

    public function testWhatWentWrongIsToldInOnePlace(): void
    {
        foreach (self::files('app') as $file) {
            if (!in_array($file->getRelativePathname(), self::TELLING, true)) {
                self::assertDoesNotMatchRegularExpression('/withErrors\(|ValidationException/', $file->getContents(), $file->getRelativePathname());
            }
        }
    }

    public function testEveryFieldOfAFormIsTheOneComponent(): void
    {
        foreach (self::files('resources/views') as $file) {
            if (!str_starts_with($file->getRelativePathname(), 'components/')) {
                $own = '/<select|<textarea|<input(?=[^>]*\bname=)(?![^>]*type="(hidden|radio|checkbox)")/';
                self::assertDoesNotMatchRegularExpression($own, $file->getContents(), $file->getRelativePathname());
            }
        }
    }

    /**
     * @return iterable<SplFileInfo>
     */
    private static function files(string ...$folders): iterable
    {
        $root = dirname(__DIR__, 2);

        return Finder::create()->files()->in(array_map(static fn (string $folder): string => "{$root}/{$folder}", $folders))->name('*.php');
    }
}
