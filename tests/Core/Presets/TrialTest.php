<?php

declare(strict_types=1);

namespace Tests\Core\Presets;

use Evrent\Core\Presets\Trial;
use Evrent\Core\Presets\TrialText;
use Evrent\Core\Values\InvalidInput;
use PHPUnit\Framework\TestCase;

final class TrialTest extends TestCase
{
    public function testEveryPairThatFitsHasItsTurn(): void
    {
        $trial = TrialText::read('Reeds', '1, 2 4 s', '1/60 1 3.8', '10');
        self::assertSame([1.0, 2.0, 4.0], $trial->intervals);
        self::assertSame([10, 9], [$trial->photos, count($trial->cells())]);
        // 1 s has room for 1/60 s, 2 s for 1 s too, and 4 s not for 3.8 s, with what the card needs.
        self::assertSame(['0:0', '1:0', '1:1', '2:0', '2:1'], array_keys($trial->layout()));
        self::assertSame([0.0, 30.0, 70.0, 110.0, 170.0], array_values($trial->layout()));
        self::assertSame(210.0, $trial->seconds());
        self::assertSame(0.25, $trial->openShare('2:1'));
    }

    public function testTheBestVerdictBecomesTheRecipe(): void
    {
        $trial = (new Trial('Reeds', [1.0, 2.0], [0.1, 0.5]))->withVerdict('0:0', 2, 'jumps')->withVerdict('1:1', 5, ' sways ')->withVerdict('1:0', null, 'gust');
        self::assertSame('1:1', $trial->best());
        $recipe = $trial->recipe(20.0, 'sways');
        self::assertSame([2.0, 0.25, 20.0, 'presets.trial.reason_note(against: presets.trial.against_one, note: sways)'], [$recipe->intervalSeconds, $recipe->openShare, $recipe->clipSeconds, (string) $trial->reason()]);
        self::assertEquals($trial, TrialText::fromJson('Reeds', TrialText::toJson($trial)));
        self::assertSame('0:0', $trial->withVerdict('1:1', null, '')->best());
        self::assertSame('presets.trial.reason_note(against: presets.trial.alone, note: jumps)', (string) $trial->withVerdict('1:1', null, '')->reason());
        self::assertNull((new Trial('Reeds', [1.0], [0.1]))->withVerdict('0:0', null, 'no wind')->best());
        $this->expectExceptionMessage('presets.trial.verdict');
        (new Trial('Reeds', [1.0], [0.1]))->recipe(20.0, 'none');
    }

    public function testMistakesAreToldByTheField(): void
    {
        $mistakes = [
            [['', '1', '1/60', ''], ['/subject']], [['Reeds', 'fast', '1/60', ''], ['/intervals']], [['Reeds', '1 1', '', '48'], ['/intervals', '/shutters']],
            [['Reeds', '1', '0', '48'], ['/shutters']], [['Reeds', '1', '1/60', '2'], ['/photos']], [['Reeds', '1', '1/60', 'many'], ['/photos']],
            [['Reeds', '1 2 3 4 5 6 7 8 9', '1/60', '48'], ['/intervals']],
        ];
        foreach ($mistakes as [$typed, $pointers]) {
            try {
                TrialText::read(...$typed);
                self::fail(implode(', ', $typed));
            } catch (InvalidInput $invalid) {
                self::assertSame($pointers, array_values(array_unique(array_column($invalid->problems, 'pointer'))));
            }
        }
        foreach ([['9:9', 3, ''], ['0:0', 6, ''], ['0:0', 3, str_repeat('a', 201)]] as [$cell, $rating, $note]) {
            try {
                (new Trial('Reeds', [1.0], [0.1]))->withVerdict($cell, $rating, $note);
                self::fail($cell);
            } catch (InvalidInput $invalid) {
                self::assertStringStartsWith('/verdicts/', $invalid->problems[0]->pointer);
            }
        }
    }
}
