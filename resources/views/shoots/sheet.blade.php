@php use Evrent\Core\Messages\Quantity; @endphp
<x-layout :title="__('shoots.sheet.title')" :keep="$shoot->pages()"
    :crumbs="[__('common.shoots') => route('shoots.index'), $shoot->name => route('shoots.show', $shoot), __('shoots.sheet.title') => null]">
    <div class="page sheet">
        <header class="page-head"><h1>{{ $shoot->name }}</h1>
        <p>{{ $shoot->place }}@if ($shoot->shoot_date) · {{ $settings->date($shoot->shoot_date, true) }}@endif @if ($page->line) {{ __('shoots.sheet.place',
            ['latitude' => Quantity::rounded($page->line->site->latitude, 5), 'longitude' => Quantity::rounded($page->line->site->longitude, 5),
                'elevationMetres' => Quantity::rounded($page->line->site->elevationMetres, 0), 'zone' => $shoot->zone]) }}@endif</p>
            <nav class="page-acts no-print" aria-label="{{ __('shoots.sheet.title') }}"><button type="button" class="button is-quiet" data-print><x-icon
                name="printer"
                /><span class="text">{{ __('common.print') }}</span></button>
                <a class="button is-quiet" href="{{ route('shoots.calendar', $shoot) }}"><x-icon name="calendar-plus" /><span
                    class="text">{{ __('shoots.sheet.calendar') }}</span></a></nav></header>
        @if ($page->line)
        <section class="panel"><header class="panel-head"><h2>{{ __('shoots.sheet.sky') }}</h2></header>
            <dl class="told sheet-told">@foreach ($page->line->told() as [$what, $when])<div><dt>{{ $what }}</dt>
                <dd>{{ $settings->clock($when) }}</dd></div>@endforeach
            @foreach ($page->events->at($page->line->site) as [, $instant, $label])<div><dt>{{ Words::capital($label) }}</dt>
            <dd>{{ $settings->clock($page->line->site->day->clockAndDay($instant)) }}</dd></div>@endforeach</dl></section>
        @endif
        <section class="panel"><header class="panel-head">
        <h2>{{ __('shoots.sheet.shots') }}</h2>@if ($page->day->stays !== [] && $page->line)<span>{{ __('shoots.sheet.on_site',
            ['onSiteSeconds' => Quantity::duration($page->day->onSiteSeconds())]) }}</span>@endif</header>
            @foreach ($page->day->clashes as $clash)<p class="clash"><x-icon name="triangle-alert"
                /><span>{{ __('shoots.sheet.clash', ['title' => $clash->first->title, 'title2' => $clash->second->title, 'sentence' => $clash->sentence(),
                    'seconds' => Quantity::duration($clash->seconds)]) }}</span></p>@endforeach
            <div class="scrolls"><table class="table">
                <thead><tr><th scope="col">{{ __('shoots.sheet.be_there') }}</th><th scope="col">{{ __('common.start') }}</th><th scope="col">{{
                    __('common.until') }}</th><th scope="col">{{ __('shoots.sheet.gone') }}</th>
                <th scope="col">{{ __('shoots.sheet.shot') }}</th><th scope="col">{{ __('shoots.sheet.settings') }}</th><th scope="col">{{
                    __('shoots.sheet.kit') }}</th></tr></thead>
                <tbody>@foreach ($page->inOrder() as $one)
                    @php $stay = $page->stay($one); $figures = $one->figures; $clock = fn ($instant) => $instant !== null && $page->line !== null ?
                        $settings->clock($page->line->site->day->clockAndDay($instant)) : '–'; @endphp
                    @if ($figures === null)
                    <tr><td colspan="4">–</td><th scope="row">{{ $one->title() }}</th>
                    <td colspan="2">{{ $one->isAwaited ? __('shoots.sheet.working')
                        : __('shoots.sheet.broken') }}</td></tr>
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
                            . $piece->name)->implode(', ') ?: __('shoots.sheet.no_kit') }}</td></tr>
                @endforeach</tbody></table></div>
        </section>
        @foreach ($page->inOrder() as $one)@if (($one->figures->card ?? []) !== [])
        <section class="panel"><header class="panel-head"><h2>{{ __('shoots.sheet.at_camera', ['title' => $one->figures->title]) }}</h2></header>
            <ul class="plain-list field-card">@foreach ($one->figures->card as $line)<li>{{ $settings->clock($line) }}</li>@endforeach</ul></section>
        @endif @endforeach
        @include('shoots.parts.cautions')
    </div>
</x-layout>
