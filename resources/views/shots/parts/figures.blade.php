@php
    use Evrent\Core\Words\PlainText;
    $summary = $page->schedule->summary;
    $timing = $page->plan->timing;
    $units = $settings->units;
@endphp
<x-part id="figures" class="figures panel of-time" aria-labelledby="figures-title">
    <header class="panel-head"><h2 id="figures-title">Figures</h2></header>
    <dl>
        <div><dt>Photos</dt><dd><x-sum :page="$page" of="photos">{{ number_format($summary->photosTotal) }}</x-sum></dd></div>
        <div><dt>Clip</dt><dd><x-sum :page="$page" of="clip">{{ PlainText::seconds($summary->clipSeconds) }}</x-sum></dd></div>
        @if ($timing->mode->hasClock())
        <div><dt>Runs</dt><dd><b>{{ PlainText::duration($summary->onSiteSeconds) }}</b></dd></div>
        <div><dt>Ends</dt><dd>@if ($page->endTime() !== null)<b>{{ $settings->clock($page->endTime()) }}</b>@else<span
            class="quiet">{{ $page->plan->start === null ? 'set a start'
            : ($page->plan->site === null ? 'once the shoot has a place and a day' : 'its start does not come that day') }}</span>@endif</dd></div>
        <div><dt>Tightest</dt><dd><a href="#scrub" data-photo="{{ $summary->tightestPhoto }}">photo {{ $summary->tightestPhoto }}</a></dd></div>
        <div><dt>Its slack</dt><dd><x-sum :page="$page" of="cycle"
            @class(['short' => !$summary->fits()])>{{ PlainText::seconds($summary->minSlackSeconds) }}</x-sum></dd></div>
        @else
        <div><dt>Rig and camera take</dt><dd><b>{{ PlainText::duration($summary->onSiteSeconds) }}</b></dd></div>
        @endif
        @foreach ($page->plan->rig->axes as $a => $axis)
            <div><dt><i class="axis-line" data-axis="{{ $a % 3 }}"></i>Largest {{ $axis->id }} step</dt>
            <dd><b>{{ $units->axisText($axis->kind, $summary->largestStep[$axis->id], 3) }}</b></dd></div>
            @if ($axis->turns($page->way($axis)) !== null)<div><dt>{{ ucfirst($axis->id) }} turns</dt>
            <dd><b>{{ PlainText::rounded($axis->turns($page->way($axis)), 3) }} times</b></dd></div>@endif
        @endforeach
        @if ($page->marksOff() !== null)<div><dt>Dial marks off the ramp</dt><dd><b>{{ PlainText::stops($page->marksOff()) }}</b> at the most</dd></div>@endif
    </dl>
    @if ($page->limits() !== [])<h3>{{ $page->plan->end === null ? 'How long it could go on' : 'What ends it' }}</h3>
    <ol class="limits">@foreach ($page->limits() as $limit)<li @class([
        'is-first' => $loop->first && $page->plan->end !== null])>{{ $limit->told() }}</li>@endforeach</ol>@endif
</x-part>
