<?php

declare(strict_types=1);

namespace Tests\Cli;

use Evrent\Core\Format\TakeLogLines;
use Evrent\Core\Run\Take\LogKind;
use Evrent\Core\Run\Take\LogLine;
use Evrent\Words\Words;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\InputStream;
use Symfony\Component\Process\Process;
use Tests\Devices\DeviceProcess;

/**
 * Shooting from a shell.
 */
final class RunCommandTest extends TestCase
{
    private string $folder;

    protected function setUp(): void
    {
        $this->folder = sys_get_temp_dir() . '/evrent-run-' . bin2hex(random_bytes(6));
        mkdir($this->folder);
    }

    protected function tearDown(): void
    {
        exec('rm -rf ' . escapeshellarg($this->folder));
    }

    /**
     * @return iterable<string, array{list<string>, string}>
     */
    public static function wrong(): iterable
    {
        yield 'no log' => [[], '--log: enter the log file'];
        yield 'no rig for a deaf camera' => [['--log=LOG'], '--rig: enter a rig'];
        yield 'a camera that is none' => [['--log=LOG', '--camera=shiny'], '--camera: enter deaf'];
        yield 'a delay that is none' => [['--log=LOG', '--rig=127.0.0.1:1', '--delay=soon'], '--delay: enter a time'];
        yield 'a school that is none' => [['--log=LOG', '--rig=127.0.0.1:1', '--after-gap=jump'], '--after-gap: choose one of place, clock'];
        yield 'nothing to go on with' => [['--log=LOG', '--rig=127.0.0.1:1', '--resume'], '--log: no file'];
        yield 'a folder that is not there' => [['--log=LOG/x/y', '--rig=127.0.0.1:1'], 'LOG/x/y'];
    }

    /**
     * @param list<string> $options
     */
    #[DataProvider('wrong')]
    public function testBadInputIsOneLineThatNamesTheOption(array $options, string $says): void
    {
        $place = fn (string $text): string => str_replace('LOG', "{$this->folder}/log", $text);
        [$code, $out, $errors] = self::evrent(array_map($place, ['run', self::plan(), ...$options]));
        self::assertSame([2, ''], [$code, $out]);
        self::assertStringContainsString($place($says), $errors);
        self::assertSame(1, substr_count($errors, "\n"));
    }

    public function testALogIsGoneOnWithByItsOwnPlanAlone(): void
    {
        file_put_contents("{$this->folder}/log", '{"format":"evrent.run-log/2","plan_sha256":"other","begun_unix_s":1,"setting":{}}' . "\n");
        [$code, , $errors] = self::evrent(['run', self::plan(), "--log={$this->folder}/log", '--rig=127.0.0.1:1', '--resume']);
        self::assertSame(2, $code);
        self::assertStringContainsString('is of another plan', $errors);
        [, , $errors] = self::evrent(['run', self::plan(), "--log={$this->folder}/log", '--rig=127.0.0.1:1']);
        self::assertStringContainsString(Words::of('devices.file_store.exists', path: "{$this->folder}/log"), $errors);
    }

    /** Nobody is left waiting without a word; told to stop, it stops. */
    public function testARigThatIsNotThereIsSaidAndWaitedFor(): void
    {
        [$code, $out, $errors] = self::evrent(['run', self::plan(), "--log={$this->folder}/log", '--rig=127.0.0.1:1'], "abort\n");
        self::assertSame([1, "aborted: 0 photos triggered\n"], [$code, $out]);
        self::assertStringContainsString(Words::of('devices.rig.no_answer', address: '127.0.0.1:1'), $errors);
    }

    /** What contradicts the plan is listed, and nothing is shot nor kept; what can be set is set when that is asked for, and the rest is used as it is. */
    public function testWhatContradictsThePlanHoldsTheStart(): void
    {
        $camera = new DeviceProcess(['camera', '--port=0', '--trigger-port=0', "--card={$this->folder}/card", '--speed=400']);
        $rig = new DeviceProcess(['rig', '--port=0', "--trigger={$camera->second}", '--speed=400']);
        $run = ['run', self::plan(), "--log={$this->folder}/log", "--rig={$rig->address}", "--camera=ptp:{$camera->address}"];
        [$code, $out] = self::evrent($run);
        self::assertSame(3, $code);
        foreach ([Words::of('takes.before.not_homed'), '(--fix: Home rig)', Words::of('takes.before.focus', mode: 'automatic'), '(--fix: Set focus to manual)', '80 motor steps per mm; planned 160'] as $says) {
            self::assertStringContainsString($says, $out);
        }
        self::assertSame([false, []], [is_file("{$this->folder}/log"), glob("{$this->folder}/card/DCIM/*/*")]);
        // The steps of its slide are not to be set.
        [$code, $out] = self::evrent([...$run, '--fix']);
        self::assertSame([3, false], [$code, str_contains($out, 'Focus mode')]);
        [$code, $out] = self::evrent([...$run, '--force'], "finish\n");
        self::assertStringStartsWith('ended early', $out);
        $kept = array_filter(TakeLogLines::read((string) file_get_contents("{$this->folder}/log"))['lines'], static fn (LogLine $line): bool => $line->kind === LogKind::Resolved);
        self::assertSame(['as_is', '--force'], [array_values($kept)[0]->text('how'), array_values($kept)[0]->text('because')]);
    }

    public function testOrdersComeFromStandardInput(): void
    {
        $camera = new DeviceProcess(['camera', '--port=0', '--trigger-port=0', "--card={$this->folder}/card", '--speed=400']);
        $rig = new DeviceProcess(['rig', '--port=0', "--trigger={$camera->second}", '--speed=400']);
        [$code, $out] = self::evrent([
            'run', self::plan(), "--log={$this->folder}/log", "--rig={$rig->address}", "--camera=ptp:{$camera->address}", '--fix', '--force',
        ], "pause\nfinish\n");
        self::assertSame(1, $code);
        self::assertStringStartsWith('ended early:', $out);
    }

    /** The log's disk is full for a while: nothing goes on that is not kept, and when there is room it does, with every line whole. */
    public function testALogThatCannotBeWrittenIsWaitedFor(): void
    {
        $camera = new DeviceProcess(['camera', '--port=0', '--trigger-port=0', "--card={$this->folder}/card", '--speed=400']);
        $rig = new DeviceProcess(['rig', '--port=0', "--trigger={$camera->second}", '--speed=400']);
        $run = new Process(['bash', '-c', 'trap "" XFSZ; exec prlimit --fsize=6000:unlimited "$@"', '-', PHP_BINARY, dirname(__DIR__, 2) . '/bin/evrent',
            'run', self::plan(), "--log={$this->folder}/log", "--rig={$rig->address}", "--camera=ptp:{$camera->address}", '--fix', '--force']);
        $run->setTimeout(60.0);
        $orders = new InputStream();
        $run->setInput($orders);
        $run->start();
        $run->waitUntil(static fn (string $type, string $said): bool => str_contains($said, 'The log cannot be written'));
        $kept = (string) file_get_contents("{$this->folder}/log");
        self::assertLessThanOrEqual(6_000, strlen($kept));
        self::assertNotSame('', $kept);
        self::assertStringEndsWith("\n", $kept);
        (new Process(['prlimit', '--pid', (string) $run->getPid(), '--fsize=unlimited:unlimited']))->mustRun();
        // On a busy machine the world slows down, and the whole run would take long.
        $orders->write("finish\n");
        $orders->close();
        $run->wait();
        self::assertStringContainsString('photos triggered', $run->getOutput(), $run->getErrorOutput());
        $log = TakeLogLines::read((string) file_get_contents("{$this->folder}/log"));
        self::assertSame(LogKind::Ended, $log['lines'][count($log['lines']) - 1]->kind);
        self::assertTrue(str_starts_with((string) file_get_contents("{$this->folder}/log"), $kept));
    }

    /**
     * @param list<string> $arguments
     *
     * @return array{int, string, string} exit code, standard output, standard error
     */
    private static function evrent(array $arguments, string $stdin = ''): array
    {
        $process = proc_open(['timeout', '30', PHP_BINARY, dirname(__DIR__, 2) . '/bin/evrent', ...$arguments], [['pipe', 'r'], ['pipe', 'w'], ['pipe', 'w']], $pipes);
        self::assertIsResource($process);
        fwrite($pipes[0], $stdin);
        fclose($pipes[0]);
        $out = (string) stream_get_contents($pipes[1]);
        $errors = (string) stream_get_contents($pipes[2]);

        return [proc_close($process), $out, $errors];
    }

    private static function plan(): string
    {
        return dirname(__DIR__) . '/fixtures/1-two-keyframes.plan.json';
    }
}
