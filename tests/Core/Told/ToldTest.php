<?php

declare(strict_types=1);

namespace Tests\Core\Told;

use Evrent\Core\Checks\Finding;
use Evrent\Core\Checks\Report;
use Evrent\Core\Drawings\BudgetDrawing;
use Evrent\Core\Findings\FindingId;
use Evrent\Core\Shot\Shot;
use Evrent\Core\Values\InvalidInput;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Plans;
use Tests\Runner\Cases;

/**
 * What is told of a shot stays as it was, to the ninth digit and the last word, unless it is changed on purpose: then EVRENT_TELL=1 writes
 * it anew, and the difference is read before it is committed.
 */
final class ToldTest extends TestCase
{
    private const FILE = 'told.jsonl';
    private const FACTORS = [0.7, 0.95, 1.0, 1.05, 1.4];

    /**
     * @return iterable<string, array{string, callable(): array<string, mixed>}>
     */
    public static function shots(): iterable
    {
        foreach (Shots::whole() as $name => $plan) {
            yield $name => [$name, static fn (): array => Told::of($plan)];
        }
        foreach (Plans::random(34, 7) as $name => [$plan]) {
            yield "found: {$name}" => ["found: {$name}", static fn (): array => ['findings' => array_map(
                static fn (Finding $finding): mixed => Told::plain(Told::finding($plan, $finding)),
                Report::on(Shot::of($plan))->findings,
            )]];
        }
        yield 'kit' => ['kit', static fn (): array => ['kinds' => Changes::kit()]];
        foreach ([...Parts::all(), ...Readings::all()] as $part => $tell) {
            yield $part => [$part, static fn (): array => array_map(Told::plain(...), $tell())];
        }
        foreach (Shots::changed() as $name => $plan) {
            yield "changes: {$name}" => ["changes: {$name}", static fn (): array => [...Changes::edits($plan), ...Changes::figures($plan), ...Changes::picked($plan)]];
        }
        foreach (Shots::skies() as $name => [$site, $instants]) {
            yield "sky: {$name}" => ["sky: {$name}", static fn (): array => Told::sky($site, $instants)];
        }
        foreach (Shots::spoilt() as $name => [$id, $changes]) {
            yield "spoilt: {$name}" => ["spoilt: {$name}", static fn (): array => self::around($id, $changes)];
        }
    }

    /**
     * What is found, and what of it is left or added when there is a bit less or more of what spoils it.
     *
     * @param array<string, mixed> $changes
     *
     * @return array<string, mixed>
     */
    private static function around(string $id, array $changes): array
    {
        $told = [];
        foreach (self::FACTORS as $factor) {
            try {
                /** @var array<string, mixed> $scaled */
                $scaled = Shots::times($factor, $changes);
                $plan = Plans::with($scaled);
            } catch (InvalidInput $refused) {
                $told["times {$factor}"] = array_column($refused->problems, 'message', 'pointer');
                continue;
            }
            $finding = Report::on(Shot::of($plan))->finding(FindingId::from($id));
            self::assertTrue($finding !== null || $factor !== 1.0, "{$id} is found");
            $told["times {$factor}"] = $finding === null ? null : Told::plain(Told::finding($plan, $finding));
            if ($finding !== null && preg_match('/^[PR]/', $id) === 1) {
                $told["budgets times {$factor}"] = Told::plain(BudgetDrawing::of(Shot::of($plan)));
            }
        }

        return $told;
    }

    /**
     * Each field of a plan, typed in seven ways, takes as long as all others together: only the long run does that.
     *
     * @return iterable<string, array{string, callable(): array<string, mixed>}>
     */
    public static function toldOften(): iterable
    {
        foreach (self::shots() as $name => $shot) {
            if (Cases::isLong() || $name !== 'typed fields') {
                yield $name => $shot;
            }
        }
    }

    /**
     * @param callable(): array<string, mixed> $tell
     */
    #[DataProvider('toldOften')]
    public function testWhatIsToldStays(string $name, callable $tell): void
    {
        $kept = self::kept()[$name] ?? [];
        foreach ($tell() as $part => $told) {
            // Through JSON as what is kept has been, so that both have the same shape.
            self::assertSameTold($kept[$part] ?? null, json_decode(json_encode($told, JSON_THROW_ON_ERROR), true), "{$name}, {$part}");
        }
    }

    /** Nothing is kept of a shot that is no longer told of. */
    public function testEveryLineIsOfAShot(): void
    {
        if (getenv('EVRENT_TELL') !== false) {
            self::write();
        }
        self::assertSame(array_keys([...self::shots()]), array_keys(self::kept()));
    }

    /**
     * Numbers may differ where another machine's sine does.
     */
    private static function assertSameTold(mixed $kept, mixed $told, string $where): void
    {
        if (is_array($kept) && is_array($told)) {
            self::assertSame(array_keys($kept), array_keys($told), $where);
            foreach ($kept as $name => $value) {
                self::assertSameTold($value, $told[$name], "{$where}, {$name}");
            }
        } elseif ((is_float($kept) || is_int($kept)) && (is_float($told) || is_int($told))) {
            self::assertEqualsWithDelta($kept, $told, 1e-8 * abs($kept) + 1e-9, $where);
        } else {
            self::assertSame($kept, $told, $where);
        }
    }

    /**
     * @return array<string, array<string, mixed>> by shot and part
     */
    private static function kept(): array
    {
        static $kept = [];
        if ($kept === []) {
            foreach (explode("\n", rtrim(Plans::fixture(self::FILE))) as $line) {
                /** @var array{string, string, mixed} $read */
                $read = json_decode($line, true, 64, JSON_THROW_ON_ERROR);
                $kept[$read[0]][$read[1]] = $read[2];
            }
        }

        /** @var array<string, array<string, mixed>> */
        return $kept;
    }

    private static function write(): void
    {
        $lines = '';
        foreach (self::shots() as [$name, $tell]) {
            foreach ($tell() as $part => $told) {
                $lines .= json_encode([$name, $part, $told], JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES) . "\n";
            }
        }
        file_put_contents(dirname(__DIR__, 2) . '/fixtures/' . self::FILE, $lines);
    }
}
