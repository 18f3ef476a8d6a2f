@php
    use Evrent\Core\Format\PlainText;
    use Evrent\Core\Format\PlanChanges;
    use Evrent\Core\Format\RampText;
    $runs = $page->plan->path->runs;
    $clock = $page->plan->timing->mode->hasClock();
@endphp
<x-part id="ramp" tag="p" class="quiet ramp">@foreach ($runs as $run)@php [$in, $out] = $run->rampPhotos(); @endphp
<span>{{ count($runs) > 1 ? PlanChanges::peg($run->fromKeyframe) . ' to ' . PlanChanges::peg($run->toKeyframe) . ': ' : '' }}{{ PlainText::photos($in) }}@if ($clock) ({{ PlainText::duration(RampText::seconds($page->schedule, $run, $run->easing->rampIn)) }})@endif gather speed, {{ PlainText::photos($out) }}@if ($clock) ({{ PlainText::duration(RampText::seconds($page->schedule, $run, $run->easing->rampOut)) }})@endif slow down.</span> @endforeach</x-part>
