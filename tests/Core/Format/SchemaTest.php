<?php

declare(strict_types=1);

namespace Tests\Core\Format;

use Evrent\Core\Format\PlanWriter;
use Evrent\Core\Format\ScheduleJson;
use Evrent\Core\Plan\Plan;
use Opis\JsonSchema\Validator;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\DataProviderExternal;
use PHPUnit\Framework\TestCase;
use Tests\Core\Plans;

/**
 * The published schemas say the same as the program.
 */
final class SchemaTest extends TestCase
{
    private static function holds(string $json, string $schema): bool
    {
        $text = file_get_contents(dirname(__DIR__, 3) . "/docs/schema/{$schema}.schema.json");
        self::assertIsString($text);
        $validator = new Validator();

        return $validator->validate(json_decode($json, false, 32, JSON_THROW_ON_ERROR), $text)->isValid();
    }

    /**
     * @return iterable<string, array{Plan}>
     */
    public static function plans(): iterable
    {
        yield from Plans::drawn(25);
        foreach (['1-two-keyframes', '2-three-keyframes-flow', '3-overrun-with-hold'] as $name) {
            yield $name => [Plans::example($name)];
        }
    }

    #[DataProvider('plans')]
    public function testWhatIsWrittenHolds(Plan $plan): void
    {
        self::assertTrue(self::holds(PlanWriter::toJson($plan), 'evrent.plan-1'));
        self::assertTrue(self::holds(implode('', [...ScheduleJson::pieces($plan)]), 'evrent.schedule-1'));
    }

    public function testExamplesHold(): void
    {
        foreach (['1-two-keyframes', '2-three-keyframes-flow', '3-overrun-with-hold'] as $name) {
            self::assertTrue(self::holds(Plans::fixture("{$name}.plan.json"), 'evrent.plan-1'));
            self::assertTrue(self::holds(Plans::fixture("{$name}.schedule.json"), 'evrent.schedule-1'));
        }
    }

    /** What only the program can tell: a schema knows each field by itself. */
    private const BEYOND_A_SCHEMA = ['an axis the rig lacks', 'first keyframe elsewhere', 'title with a null byte', 'a day that is not', 'a zone from nowhere', 'no height to rise to', 'ISO numbers that fall', 'longest below shortest', 'photos of nothing'];

    #[DataProviderExternal(PlanReaderTest::class, 'badFields')]
    public function testWhatTheProgramRefusesTheSchemaRefuses(string $pointer, mixed $value): void
    {
        $beyond = in_array($this->dataName(), self::BEYOND_A_SCHEMA, true);
        self::assertSame($beyond, self::holds(Plans::json([$pointer => $value]), 'evrent.plan-1'));
    }
}
