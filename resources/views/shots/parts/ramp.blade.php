@php
    use Evrent\Core\Format\PlainText;
    use Evrent\Core\Format\PlanChanges;
    $runs = $page->plan->path->runs;
@endphp
<x-part id="ramp" tag="p" class="quiet ramp" :swap="isset($swap)">@foreach ($runs as $run)@php [$in, $out] = $run->rampPhotos(); @endphp
<span>{{ count($runs) > 1 ? PlanChanges::peg($run->fromKeyframe) . ' to ' . PlanChanges::peg($run->toKeyframe) . ': ' : '' }}{{ PlainText::photos($in) }} gather speed, {{ PlainText::photos($out) }} slow down.</span> @endforeach</x-part>
