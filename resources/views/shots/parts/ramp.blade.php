@php
    use Evrent\Core\Format\RampText;
    use Evrent\Core\Format\TurnsText;
    use Evrent\Core\Motion\Move;
    $legs = $page->plan->path->legs;
    $clock = $page->plan->timing->mode->hasClock();
@endphp
<x-part id="ramp" tag="p" class="quiet ramp">@foreach ($legs as $leg)<span>{{ count($legs) > 1
    ? (__('shots.ramp.leg', ['peg' => Move::peg($leg->fromKeyframe), 'peg2' => Move::peg($leg->toKeyframe)]) . ' ') : '' }}{{ RampText::told($leg,
        $clock ? $page->schedule : null) }}.</span>
    @endforeach <span>{{ TurnsText::of($page->schedule) }}</span></x-part>
