<?php

declare(strict_types=1);

namespace Tests\Cli;

use Evrent\Words\Words;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;

/**
 * A folder's checksums, which sha256sum reads too, and whether a copy is whole by them.
 */
final class ManifestCommandTest extends TestCase
{
    use RunsEvrent;

    private string $folder;

    protected function setUp(): void
    {
        $this->folder = sys_get_temp_dir() . '/evrent-manifest-' . bin2hex(random_bytes(6));
        mkdir("{$this->folder}/card/DCIM", 0o700, true);
        foreach (['DCIM/EVR_0001.JPG', 'DCIM/EVR_0002.JPG', "a name\nof two lines", 'back\\slash', '10'] as $n => $name) {
            file_put_contents("{$this->folder}/card/{$name}", "photo {$n}");
        }
    }

    protected function tearDown(): void
    {
        (new Process(['rm', '-rf', $this->folder]))->mustRun();
    }

    public function testSha256sumFindsThemWhole(): void
    {
        [$code, $manifest, $errors] = self::evrent(['manifest', "{$this->folder}/card"]);
        self::assertSame([0, '', 5], [$code, $errors, substr_count($manifest, "\n")]);
        self::assertSame($manifest, self::evrent(['manifest', "{$this->folder}/card/"])[1]);
        file_put_contents("{$this->folder}/sums", $manifest);
        (new Process(['sha256sum', '--check', '--strict', '--quiet', '../sums'], "{$this->folder}/card"))->mustRun();
        [$code, $told] = self::evrent(['manifest', "{$this->folder}/card", "--check={$this->folder}/sums"]);
        self::assertSame([0, "Copy complete: 5 files.\n"], [$code, $told]);
        // And the other way round: what sha256sum writes is read.
        $theirs = (new Process(['sha256sum', 'DCIM/EVR_0001.JPG', "a name\nof two lines", 'back\\slash'], "{$this->folder}/card"))->mustRun()->getOutput();
        file_put_contents("{$this->folder}/theirs", $theirs);
        self::assertSame(0, self::evrent(['manifest', "{$this->folder}/card", "--check={$this->folder}/theirs"])[0]);
    }

    public function testACopyThatIsNotWholeIsTold(): void
    {
        file_put_contents("{$this->folder}/sums", self::evrent(['manifest', "{$this->folder}/card"])[1]);
        (new Process(['cp', '-r', 'card', 'copy'], $this->folder))->mustRun();
        unlink("{$this->folder}/copy/DCIM/EVR_0001.JPG");
        file_put_contents("{$this->folder}/copy/DCIM/EVR_0002.JPG", 'photo 7');
        file_put_contents("{$this->folder}/copy/more.txt", '');
        [$code, $told] = self::evrent(['manifest', "{$this->folder}/copy", "--check={$this->folder}/sums"]);
        self::assertSame(1, $code);
        self::assertSame([
            'missing: DCIM/EVR_0001.JPG', 'different: DCIM/EVR_0002.JPG', 'not in the manifest: more.txt',
            'Copy incomplete: 2 of 5 files missing or different.',
        ], explode("\n", trim($told)));
    }

    public function testWhatIsNoManifestIsRefused(): void
    {
        file_put_contents("{$this->folder}/sums", "no sum\n");
        self::assertStringContainsString('/1: ' . Words::of('export.manifest.line', n: 1), self::evrent(['manifest', "{$this->folder}/card", "--check={$this->folder}/sums"])[2]);
        self::assertStringContainsString('FOLDER: no such folder', self::evrent(['manifest', "{$this->folder}/nowhere"])[2]);
    }
}
