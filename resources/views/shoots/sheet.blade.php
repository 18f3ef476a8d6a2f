@php use Evrent\Core\Words\PlainText; @endphp
<x-layout title="Day sheet" :keep="$shoot->pages()"
    :crumbs="['Shoots' => route('shoots.index'), $shoot->name => route('shoots.show', $shoot), 'Day sheet' => null]">
    <div class="page sheet">
        <header class="page-head"><h1>{{ $shoot->name }}</h1>
        <p>{{ $shoot->place }}@if ($shoot->shoot_date) · {{ $settings->date($shoot->shoot_date, true) }}@endif @if ($page->line) ·
            {{ PlainText::rounded($page->line->site->latitude, 5) }}°, {{ PlainText::rounded($page->line->site->longitude, 5) }}°,
            {{ PlainText::rounded($page->line->site->elevationMetres, 0) }} m · times in {{ $shoot->zone }}@endif</p>
            <nav class="page-acts no-print" aria-label="This sheet"><button type="button" class="button is-quiet" data-print><x-icon name="printer"
                /><span class="text">Print</span></button>
                <a class="button is-quiet" href="{{ route('shoots.calendar', $shoot) }}"><x-icon name="calendar-plus" /><span
                    class="text">Calendar</span></a></nav></header>
        @if ($page->line)
        <section class="panel"><header class="panel-head"><h2>Sky</h2></header>
            <dl class="told sheet-told">@foreach ($page->line->told() as [$what, $when])<div><dt>{{ $what }}</dt>
                <dd>{{ $settings->clock($when) }}</dd></div>@endforeach
            @foreach ($page->events->at($page->line->site) as [, $instant, $label])<div><dt>{{ ucfirst($label) }}</dt>
            <dd>{{ $settings->clock($page->line->site->day->clockAndDay($instant)) }}</dd></div>@endforeach</dl></section>
        @endif
        <section class="panel"><header class="panel-head">
        <h2>Shots</h2>@if ($page->day->stays !== [] && $page->line)<span>on site {{ PlainText::duration($page->day->onSiteSeconds()) }}</span>@endif</header>
            @foreach ($page->day->clashes as $clash)<p class="clash"><x-icon name="triangle-alert"
                /><span>{{ $clash->first->title }} and {{ $clash->second->title }}: {{ $clash->sentence() }} for
                {{ PlainText::duration($clash->seconds) }}.</span></p>@endforeach
            <div class="scrolls"><table class="table">
                <thead><tr><th scope="col">Be there</th><th scope="col">Start</th><th scope="col">Until</th><th scope="col">Gone</th>
                <th scope="col">Shot</th><th scope="col">Settings</th><th scope="col">Kit</th></tr></thead>
                <tbody>@foreach ($page->inOrder() as $one)
                    @php $stay = $page->stay($one); $figures = $one->figures; $clock = fn ($instant) => $instant !== null && $page->line !== null ?
                        $settings->clock($page->line->site->day->clockAndDay($instant)) : '–'; @endphp
                    @if ($figures === null)
                    <tr><td colspan="4">–</td><th scope="row">{{ $one->title() }}</th>
                    <td colspan="2">{{ $one->isAwaited ? 'is being worked out: load this page again in a moment'
                        : 'cannot be worked out: open it, and go back to what it was' }}</td></tr>
                    @continue
                    @endif
                    <tr><td data-is="Be there">{{ $clock($stay?->arrives) }}</td>
                    <td data-is="Start"><b>{{ $settings->clock($figures->beginsText
                        ?? '–') }}</b>@if ($figures->startEvent !== null)<br><small>{{ $figures->startEvent }}</small>@endif</td>
                    <td data-is="Until">{{ $settings->clock($figures->endsText ?? '–') }}</td><td
                        data-is="Gone">{{ $clock($stay?->leaves) }}</td>
                        <th scope="row">{{ $figures->title }}<br><small>{{ Words::within($figures->verdict->inShort()) }}{{ $figures->verdict->works()
                            ? rtrim('. ' . Words::say($figures->verdict->coverage()), '. ')
                            : ': ' . Words::say($figures->verdict->failure['title']) }}</small></th>
                        <td>{{ $figures->settings }}</td>
                        <td>{{ collect($figures->kit)->map(fn ($piece) => ($piece->count > 1 ? "{$piece->count} × " : '')
                            . $piece->name)->implode(', ') ?: 'no kit picked' }}</td></tr>
                @endforeach</tbody></table></div>
        </section>
        @foreach ($page->inOrder() as $one)@if (($one->figures->card ?? []) !== [])
        <section class="panel"><header class="panel-head"><h2>At the camera: {{ $one->figures->title }}</h2></header>
            <ul class="plain-list field-card">@foreach ($one->figures->card as $line)<li>{{ $settings->clock($line) }}</li>@endforeach</ul></section>
        @endif @endforeach
        @include('shoots.parts.cautions')
    </div>
</x-layout>
