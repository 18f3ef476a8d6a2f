<?php

declare(strict_types=1);

namespace Evrent\Core\Format;

use DOMDocument;
use DOMElement;
use Evrent\Core\Messages\Message;
use Evrent\Core\Messages\Text;
use Evrent\Core\Values\InvalidInput;
use Evrent\Core\Values\Problem;
use Evrent\Core\Words\TypedText;
use JsonException;

/**
 * The place that a GPX or GeoJSON file marks: the first waypoint or point, else where its first line begins.
 */
final readonly class PlaceFile
{
    /** A tag with all its attributes: GPX has two of a few digits, and names of where its words come from at the top. */
    private const MOST_TAG_BYTES = 4_000;
    private const MOST_DEPTH = 32;

    private function __construct(public float $latitude, public float $longitude, public ?float $elevationMetres, public string $name)
    {
    }

    /**
     * @throws InvalidInput with the pointer /file
     */
    public static function read(string $text): self
    {
        $text = ltrim($text, "\u{feff} \n\r\t");
        $place = str_starts_with($text, '{') ? self::geoJson($text) : self::gpx($text);
        foreach ([[$place->latitude, 90.0, 'latitude'], [$place->longitude, 180.0, 'longitude']] as [$degrees, $most, $what]) {
            if (!is_finite($degrees) || abs($degrees) > $most) {
                throw self::refused(new Message('format.place_file.unknown', ['what' => $what]));
            }
        }

        return $place;
    }

    private static function gpx(string $text): self
    {
        self::checkMarkup($text);
        $document = new DOMDocument();
        $before = libxml_use_internal_errors(true);
        // No network, and entities stay unresolved: the file is anybody's.
        $loaded = $text !== '' && $document->loadXML($text, LIBXML_NONET);
        libxml_clear_errors();
        libxml_use_internal_errors($before);
        if (!$loaded || $document->doctype !== null || $document->documentElement?->localName !== 'gpx') {
            throw self::refused(new Message('format.place_file.format'));
        }
        foreach (['wpt', 'rtept', 'trkpt'] as $kind) {
            $point = $document->getElementsByTagNameNS('*', $kind)->item(0);
            if ($point instanceof DOMElement) {
                return new self(
                    self::degrees($point->getAttribute('lat')),
                    self::degrees($point->getAttribute('lon')),
                    TypedText::number(self::child($point, 'ele')),
                    mb_substr(trim((string) preg_replace('/[\p{Cc}\s]+/u', ' ', self::child($point, 'name'))), 0, 200),
                );
            }
        }
        throw self::refused(new Message('format.place_file.gpx_empty'));
    }

    /**
     * Looks at the bounds of a file before it is parsed: a parser compares every attribute with every other, and follows every level.
     *
     * @throws InvalidInput
     */
    private static function checkMarkup(string $text): void
    {
        /** @var int $depth of the tags that are open */
        $depth = 0;
        $at = strpos($text, '<');
        while ($at !== false) {
            $opens = substr($text, $at, 9);
            $close = str_starts_with($opens, '<!--') ? '-->' : ($opens === '<![CDATA[' ? ']]>' : '>');
            $end = strpos($text, $close, $at);
            $isTag = $close === '>';
            if ($end === false || $isTag && ($end - $at > self::MOST_TAG_BYTES || str_starts_with($opens, '<!'))) {
                throw self::refused(new Message('format.place_file.format'));
            }
            if ($isTag && !str_starts_with($opens, '<?') && substr($text, $end - 1, 1) !== '/') {
                $depth += str_starts_with($opens, '</') ? -1 : 1;
            }
            if ($depth > self::MOST_DEPTH) {
                throw self::refused(new Message('format.place_file.nested'));
            }
            $at = strpos($text, '<', $end);
        }
    }

    private static function geoJson(string $text): self
    {
        try {
            $document = json_decode($text, true, 32, JSON_THROW_ON_ERROR);
        } catch (JsonException) {
            throw self::refused(new Message('format.place_file.format'));
        }
        $found = self::point($document, '');
        if ($found === null) {
            throw self::refused(new Message('format.place_file.json_empty'));
        }

        return $found;
    }

    private static function point(mixed $part, string $name): ?self
    {
        if (!is_array($part)) {
            return null;
        }
        $properties = is_array($part['properties'] ?? null) ? $part['properties'] : [];
        $name = is_string($properties['name'] ?? null) ? mb_substr(trim((string) preg_replace('/[\p{Cc}\s]+/u', ' ', $properties['name'])), 0, 200) : $name;
        if (isset($part['coordinates'])) {
            $at = $part['coordinates'];
            while (is_array($at) && is_array($at[0] ?? null)) {
                $at = $at[0];
            }

            return is_array($at) && is_numeric($at[0] ?? null) && is_numeric($at[1] ?? null)
                ? new self((float) $at[1], (float) $at[0], is_numeric($at[2] ?? null) ? (float) $at[2] : null, $name)
                : null;
        }
        $several = static fn (string $of): array => is_array($part[$of] ?? null) ? array_values($part[$of]) : [];
        foreach ([$part['geometry'] ?? null, ...$several('features'), ...$several('geometries')] as $inner) {
            $found = self::point($inner, $name);
            if ($found !== null) {
                return $found;
            }
        }

        return null;
    }

    private static function child(DOMElement $point, string $name): string
    {
        return (string) $point->getElementsByTagNameNS('*', $name)->item(0)?->textContent;
    }

    private static function degrees(string $text): float
    {
        return TypedText::number($text) ?? NAN;
    }

    private static function refused(Text|string $message): InvalidInput
    {
        return new InvalidInput([new Problem('/file', $message)]);
    }
}
