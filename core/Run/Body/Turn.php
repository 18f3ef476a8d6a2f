<?php

declare(strict_types=1);

namespace Evrent\Core\Run\Body;

/**
 * One setting that somebody turns at the camera, between two photos.
 */
final readonly class Turn
{
    /**
     * @param int   $after  the photo after which it is turned, from 1
     * @param float $from   what it stands on before: seconds, ISO or kelvin
     * @param float $to     what it is turned to
     * @param int   $clicks of the dial, in thirds of a stop; 0 where it is no dial
     */
    public function __construct(public int $after, public BodySetting $setting, public float $from, public float $to, public int $clicks)
    {
    }

    public function key(): string
    {
        return "{$this->after} {$this->setting->value}";
    }

    /** "1/6 s, 1 click longer"; "ISO 400". */
    public function words(): string
    {
        $to = $this->setting === BodySetting::Iso ? "ISO {$this->setting->text($this->to)}" : $this->setting->text($this->to);
        $way = $this->to > $this->from ? 'longer' : 'shorter';

        return $this->clicks === 0 ? $to : "{$to}, {$this->clicks} " . ($this->clicks === 1 ? 'click' : 'clicks') . " {$way}";
    }
}
