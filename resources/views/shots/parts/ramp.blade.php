@php
    use Evrent\Core\Motion\Move;
    use Evrent\Core\Words\PlainText;
        use Evrent\Core\Format\RampText;
    $legs = $page->plan->path->legs;
    $clock = $page->plan->timing->mode->hasClock();
@endphp
<x-part id="ramp" tag="p" class="quiet ramp">@foreach ($legs as $leg)@php [$in, $out] = $leg->rampPhotos(); @endphp
<span>{{ count($legs) > 1 ? Move::peg($leg->fromKeyframe) . ' to ' . Move::peg($leg->toKeyframe) . ': '
    : '' }}{{ PlainText::photos($in) }}@if ($clock) ({{ PlainText::duration(RampText::seconds($page->schedule, $leg,
    $leg->easing->rampIn)) }})@endif gather speed, {{ PlainText::photos($out) }}@if ($clock) ({{ PlainText::duration(RampText::seconds($page->schedule, $leg,
    $leg->easing->rampOut)) }})@endif slow down.</span> @endforeach</x-part>
