<?php

declare(strict_types=1);

namespace Evrent\Core\Sky;

/**
 * The moon's apparent place, from the periodic terms of Chapront's theory in Meeus, Astronomical Algorithms, chapter 47: good
 * to 10" in longitude and 4" in latitude.
 */
final class Moon implements Body
{
    private const KILOMETRES = 1_737.4;

    /** Multiples of D, M, M' and F; the sine's coefficient for longitude (10⁻⁶°), the cosine's for distance (m). Table 47.A. */
    private const LONGITUDE_AND_DISTANCE = [
        [0, 0, 1, 0, 6_288_774, -20_905_355], [2, 0, -1, 0, 1_274_027, -3_699_111], [2, 0, 0, 0, 658_314, -2_955_968], [0, 0, 2, 0, 213_618, -569_925],
        [0, 1, 0, 0, -185_116, 48_888], [0, 0, 0, 2, -114_332, -3_149], [2, 0, -2, 0, 58_793, 246_158], [2, -1, -1, 0, 57_066, -152_138],
        [2, 0, 1, 0, 53_322, -170_733], [2, -1, 0, 0, 45_758, -204_586], [0, 1, -1, 0, -40_923, -129_620], [1, 0, 0, 0, -34_720, 108_743],
        [0, 1, 1, 0, -30_383, 104_755], [2, 0, 0, -2, 15_327, 10_321], [0, 0, 1, 2, -12_528, 0], [0, 0, 1, -2, 10_980, 79_661],
        [4, 0, -1, 0, 10_675, -34_782], [0, 0, 3, 0, 10_034, -23_210], [4, 0, -2, 0, 8_548, -21_636], [2, 1, -1, 0, -7_888, 24_208],
        [2, 1, 0, 0, -6_766, 30_824], [1, 0, -1, 0, -5_163, -8_379], [1, 1, 0, 0, 4_987, -16_675], [2, -1, 1, 0, 4_036, -12_831],
        [2, 0, 2, 0, 3_994, -10_445], [4, 0, 0, 0, 3_861, -11_650], [2, 0, -3, 0, 3_665, 14_403], [0, 1, -2, 0, -2_689, -7_003],
        [2, 0, -1, 2, -2_602, 0], [2, -1, -2, 0, 2_390, 10_056], [1, 0, 1, 0, -2_348, 6_322], [2, -2, 0, 0, 2_236, -9_884],
        [0, 1, 2, 0, -2_120, 5_751], [0, 2, 0, 0, -2_069, 0], [2, -2, -1, 0, 2_048, -4_950], [2, 0, 1, -2, -1_773, 4_130],
        [2, 0, 0, 2, -1_595, 0], [4, -1, -1, 0, 1_215, -3_958], [0, 0, 2, 2, -1_110, 0], [3, 0, -1, 0, -892, 3_258],
        [2, 1, 1, 0, -810, 2_616], [4, -1, -2, 0, 759, -1_897], [0, 2, -1, 0, -713, -2_117], [2, 2, -1, 0, -700, 2_354],
        [2, 1, -2, 0, 691, 0], [2, -1, 0, -2, 596, 0], [4, 0, 1, 0, 549, -1_423], [0, 0, 4, 0, 537, -1_117],
        [4, -1, 0, 0, 520, -1_571], [1, 0, -2, 0, -487, -1_739], [2, 1, 0, -2, -399, 0], [0, 0, 2, -2, -381, -4_421],
        [1, 1, 1, 0, 351, 0], [3, 0, -2, 0, -340, 0], [4, 0, -3, 0, 330, 0], [2, -1, 2, 0, 327, 0],
        [0, 2, 1, 0, -323, 1_165], [1, 1, -1, 0, 299, 0], [2, 0, 3, 0, 294, 0], [2, 0, -1, -2, 0, 8_752],
    ];

    /** Multiples of D, M, M' and F; the sine's coefficient for latitude (10⁻⁶°). Table 47.B. */
    private const LATITUDE = [
        [0, 0, 0, 1, 5_128_122], [0, 0, 1, 1, 280_602], [0, 0, 1, -1, 277_693], [2, 0, 0, -1, 173_237], [2, 0, -1, 1, 55_413], [2, 0, -1, -1, 46_271],
        [2, 0, 0, 1, 32_573], [0, 0, 2, 1, 17_198], [2, 0, 1, -1, 9_266], [0, 0, 2, -1, 8_822], [2, -1, 0, -1, 8_216], [2, 0, -2, -1, 4_324],
        [2, 0, 1, 1, 4_200], [2, 1, 0, -1, -3_359], [2, -1, -1, 1, 2_463], [2, -1, 0, 1, 2_211], [2, -1, -1, -1, 2_065], [0, 1, -1, -1, -1_870],
        [4, 0, -1, -1, 1_828], [0, 1, 0, 1, -1_794], [0, 0, 0, 3, -1_749], [0, 1, -1, 1, -1_565], [1, 0, 0, 1, -1_491], [0, 1, 1, 1, -1_475],
        [0, 1, 1, -1, -1_410], [0, 1, 0, -1, -1_344], [1, 0, 0, -1, -1_335], [0, 0, 3, 1, 1_107], [4, 0, 0, -1, 1_021], [4, 0, -1, 1, 833],
        [0, 0, 1, -3, 777], [4, 0, -2, 1, 671], [2, 0, 0, -3, 607], [2, 0, 2, -1, 596], [2, -1, 1, -1, 491], [2, 0, -2, 1, -451],
        [0, 0, 3, -1, 439], [2, 0, 2, 1, 422], [2, 0, -3, -1, 421], [2, 1, -1, 1, -366], [2, 1, 0, 1, -351], [4, 0, 0, 1, 331],
        [2, -1, 1, 1, 315], [2, -2, 0, -1, 302], [0, 0, 1, 3, -283], [2, 1, 1, -1, -229], [1, 1, 0, -1, 223], [1, 1, 0, 1, 223],
        [0, 1, -2, -1, -220], [2, 1, -1, -1, -220], [1, 0, 1, 1, -185], [2, -1, -2, -1, 181], [0, 1, 2, 1, -177], [4, 0, -2, -1, 176],
        [4, -1, -1, -1, 166], [1, 0, 1, -1, -164], [4, 0, 1, -1, 132], [1, 0, -1, -1, -119], [4, -1, 0, -1, 115], [2, -2, 0, 1, 107],
    ];

    public function place(Instant $instant): Equatorial
    {
        [$longitude, $latitude, $distance] = self::ecliptic($instant->centuries);
        $nutation = new Nutation($instant->centuries);

        return Equatorial::ofEcliptic($longitude + $nutation->longitude, $latitude, $nutation->trueObliquity, $distance);
    }

    /**
     * @return array{float, float, float} longitude and latitude in degrees, of the mean equinox of the date; distance in km
     */
    public static function ecliptic(float $centuries): array
    {
        $t = $centuries;
        $mean = 218.3164477 + 481_267.88123421 * $t - 0.0015786 * $t ** 2 + $t ** 3 / 538_841.0 - $t ** 4 / 65_194_000.0;
        $d = 297.8501921 + 445_267.1114034 * $t - 0.0018819 * $t ** 2 + $t ** 3 / 545_868.0 - $t ** 4 / 113_065_000.0;
        $m = 357.5291092 + 35_999.0502909 * $t - 0.0001536 * $t ** 2 + $t ** 3 / 24_490_000.0;
        $anomaly = 134.9633964 + 477_198.8675055 * $t + 0.0087414 * $t ** 2 + $t ** 3 / 69_699.0 - $t ** 4 / 14_712_000.0;
        $f = 93.2720950 + 483_202.0175233 * $t - 0.0036539 * $t ** 2 - $t ** 3 / 3_526_000.0 + $t ** 4 / 863_310_000.0;
        $a1 = 119.75 + 131.849 * $t;
        $a2 = 53.09 + 479_264.290 * $t;
        $a3 = 313.45 + 481_266.484 * $t;
        // The Earth's orbit is getting rounder: terms with the sun's anomaly shrink.
        $e = 1.0 - 0.002516 * $t - 0.0000074 * $t ** 2;
        $shrink = [1.0, $e, $e ** 2];
        $longitude = 3_958.0 * Angles::sin($a1) + 1_962.0 * Angles::sin($mean - $f) + 318.0 * Angles::sin($a2);
        $distance = 0.0;
        foreach (self::LONGITUDE_AND_DISTANCE as [$byD, $byM, $byAnomaly, $byF, $sine, $cosine]) {
            $argument = deg2rad($byD * $d + $byM * $m + $byAnomaly * $anomaly + $byF * $f);
            $longitude += $sine * $shrink[abs($byM)] * sin($argument);
            $distance += $cosine * $shrink[abs($byM)] * cos($argument);
        }
        $latitude = -2_235.0 * Angles::sin($mean) + 382.0 * Angles::sin($a3) + 175.0 * Angles::sin($a1 - $f) + 175.0 * Angles::sin($a1 + $f)
            + 127.0 * Angles::sin($mean - $anomaly) - 115.0 * Angles::sin($mean + $anomaly);
        foreach (self::LATITUDE as [$byD, $byM, $byAnomaly, $byF, $sine]) {
            $latitude += $sine * $shrink[abs($byM)] * sin(deg2rad($byD * $d + $byM * $m + $byAnomaly * $anomaly + $byF * $f));
        }

        return [Angles::turn($mean + $longitude / 1e6), $latitude / 1e6, 385_000.56 + $distance / 1_000.0];
    }

    /**
     * The angle at the moon between sun and Earth: 0 when it is full, 180 when it is new. Meeus, 48.3.
     */
    public static function phaseAngle(Equatorial $moon, Equatorial $sun): float
    {
        $elongation = $moon->separation($sun);

        return rad2deg(atan2(
            $sun->distanceKilometres * Angles::sin($elongation),
            $moon->distanceKilometres - $sun->distanceKilometres * Angles::cos($elongation),
        ));
    }

    /** Half the disk as it is seen, degrees. */
    public static function semidiameter(Equatorial $place): float
    {
        return rad2deg(asin(self::KILOMETRES / $place->distanceKilometres));
    }

    /** The share of its disk that is lit, 0…1. Meeus, 48.1. */
    public static function litFraction(float $phaseAngle): float
    {
        return (1.0 + Angles::cos($phaseAngle)) / 2.0;
    }
}
