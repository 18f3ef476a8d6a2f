@php
    use Evrent\Core\Messages\Quantity;
    $summary = $page->schedule->summary;
    $timing = $page->plan->timing;
    $units = $settings->units;
@endphp
<x-part id="figures" class="figures panel of-time" aria-labelledby="figures-title">
    <header class="panel-head"><h2 id="figures-title">{{ __('shots.figures.title') }}</h2></header>
    <dl>
        <div><dt>{{ __('common.photos') }}</dt><dd><x-sum :page="$page" of="photos">{{ Quantity::limit($summary->photosTotal) }}</x-sum></dd></div>
        <div><dt>{{ __('shots.figures.clip') }}</dt><dd><x-sum :page="$page" of="clip">{{ Quantity::seconds($summary->clipSeconds) }}</x-sum></dd></div>
        @if ($timing->mode->hasClock())
        <div><dt>{{ __('shots.figures.runs') }}</dt><dd><b>{{ Quantity::duration($summary->onSiteSeconds) }}</b></dd></div>
        <div><dt>{{ __('shots.figures.ends') }}</dt><dd>@if ($page->endTime() !== null)<b>{{ $settings->clock($page->endTime()) }}</b>@else<span
            class="quiet">{{ $page->plan->start === null ? __('shots.figures.set_start')
            : ($page->plan->site === null ? __('shots.figures.no_place') : __('shots.figures.no_event')) }}</span>@endif</dd></div>
        <div><dt>{{ __('shots.figures.tightest') }}</dt><dd><a href="#scrub" data-photo="{{ $summary->tightestPhoto }}">{{ __('shots.figures.photo',
            ['tightestPhoto' => $summary->tightestPhoto]) }}</a></dd></div>
        <div><dt>{{ __('shots.figures.slack') }}</dt><dd><x-sum :page="$page" of="cycle"
            @class(['short' => !$summary->fits()])>{{ Quantity::seconds($summary->minSlackSeconds) }}</x-sum></dd></div>
        @else
        <div><dt>{{ __('shots.figures.busy') }}</dt><dd><b>{{ Quantity::duration($summary->onSiteSeconds) }}</b></dd></div>
        @endif
        @foreach ($page->plan->rig->axes as $a => $axis)
            <div><dt><i class="axis-line" data-axis="{{ $a % 3 }}"></i>{{ __('shots.figures.step', ['axis' => $axis->label()]) }}</dt>
            <dd><b>{{ $units->axisText($axis->kind, $summary->largestStep[$axis->id], 3) }}</b></dd></div>
            @if ($axis->turns($page->way($axis)) !== null)<div><dt>{{ __('shots.figures.turns', ['axis' => Words::capital($axis->label())]) }}</dt>
            <dd><b>{{ __('shots.figures.times', ['turns' => Quantity::rounded($axis->turns($page->way($axis)), 3)]) }}</b></dd></div>@endif
        @endforeach
        @if ($page->marksOff() !== null)<div><dt>{{ __('shots.figures.marks') }}</dt><dd><b>{{ Quantity::stops($page->marksOff()) }}</b> {{
            __('shots.figures.most') }}</dd></div>@endif
    </dl>
    @if ($page->limits() !== [])<h3>{{ $page->plan->end === null ? __('shots.figures.could') : __('shots.figures.limit') }}</h3>
    <ol class="limits">@foreach ($page->limits() as $limit)<li @class([
        'is-first' => $loop->first && $page->plan->end !== null])>{{ $limit->told() }}</li>@endforeach</ol>@endif
</x-part>
