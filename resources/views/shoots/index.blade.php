@php use Evrent\Core\Drawings\SmallTide; use App\Pages\FirstPage; @endphp
<x-layout :title="__('common.shoots')" :crumbs="[__('common.shoots') => null]">
    <div class="page first-page">
        <h1 class="sr-only">{{ __('common.shoots') }}</h1>
        @foreach (App\Devices\Services::dead() as $service => $log)<p class="verdict is-dead" role="alert" data-works="no"><x-icon name="octagon-x" /><span
            class="says"><strong>{{ __('shoots.index.service', ['service' => __("app.services.{$service}")]) }}</strong> <span>{{ __('shoots.index.service_log',
                ['log' => $log]) }}</span></span></p>@endforeach
        @include('takes.parts.under-way', ['takes' => $page->takes()])
        @if ($page->isEmpty())
            <section class="panel hello">
                <svg viewBox="0 0 96 40" role="img" aria-label="{{ __('shoots.index.stairs') }}"><path
                    class="water" d="M0 40V30C20 30 26 14 48 14S76 30 96 30V40Z" /><path class="line"
                    d="M4 34h14v-5h14v-6h14v-6h14v-5h14v-4h14" /></svg>
                <h2>{{ __('shoots.index.headline') }}</h2>
                <p>{{ __('shoots.index.lead') }}</p>
            </section>
        @endif
        @if ($page->next !== null && $page->query === '')
            @php $next = $page->next; $shoot = $next->shoot; $tide = $page->tide($shoot); $figures = $next->figures(); @endphp
            <section class="panel next-shoot" aria-labelledby="next-title">
                <div class="next-told">
                    <p class="quiet">{{ __('shoots.index.next', ['countdown' => $page->countdown($shoot)]) }}@if ($shoot->is_demo) {{
                        __('shoots.index.example') }} @endif</p>
                    <h2 id="next-title">{{ $shoot->name }}</h2>
                    <p>{{ $shoot->place }} · {{ $settings->date($shoot->shoot_date, true) }}</p>
                    <ul class="next-shots">@forelse ($next->inOrder() as $one)<li data-works="{{ $one->figures?->verdict->works() ? 'yes' : 'no' }}"
                        data-verdict="{{ $one->figures?->verdict->standing() }}"><x-icon
                        :name="$one->figures === null ? 'clock' : App\Pages\Icon::ofVerdict($one->figures->verdict)" /><a
                        href="{{ $one->shot->at('shots.show') }}">{{ $one->title() }}</a>
                        <span class="quiet">@if ($one->figures === null){{ __('shoots.index.working') }}
                        @elseif ($one->figures->verdict->failure !== null){{ $one->figures->verdict->failure['title'] }}: {{
                            $settings->clock($one->figures->verdict->failure['shortfall']) }}
                        @else{{ $settings->clock($one->figures->beginsText ?? __('shoots.index.no_start')) }}, {{
                            Words::within($one->figures->verdict->inShort()) }} @endif</span></li>@empty<li
                            class="quiet">{{ __('shoots.index.no_shots') }}</li>@endforelse</ul>
                    <a class="button is-strong" href="{{ route('shoots.show', $shoot) }}">{{ __('shoots.index.open_day') }}</a>
                </div>
                @if ($tide !== null)<figure class="next-tide"><svg viewBox="0 0 {{ SmallTide::WIDTH }} {{ SmallTide::HEIGHT }}" preserveAspectRatio="none"
                    role="img" aria-label="{{ __('shoots.index.day_light') }}"><path class="water" d="{{ $tide->path }}" />
                    @foreach ($next->day->stays as $stay)@php [$from, $wide] = $tide->berth($stay->arrives->unixSeconds, $stay->leaves->unixSeconds); @endphp
                    <rect class="berth" x="{{ $from }}" width="{{ $wide }}" y="0" height="{{ SmallTide::HEIGHT }}" />@endforeach</svg>
                    <figcaption class="quiet">@foreach ([0, 6, 12, 18, 24] as $hour)<span>{{ $hour }}:00</span>@endforeach</figcaption></figure>@endif
            </section>
        @endif
        <form class="panel finding-aids" method="get" action="{{ route('shoots.index') }}" role="search">
            <x-field id="q" :label="__('shoots.index.search_label')" name="q" :value="$page->query" width="22ch" is-text type="search" />
            <x-field id="when" :label="__('shoots.index.show')" name="when" :options="array_map(__(...), FirstPage::WHENS)" :value="$page->when" />
            <x-field id="sort" :label="__('shoots.index.sort')" name="sort" :options="array_map(__(...), FirstPage::SORTS)" :value="$page->sort" />
            @if ($page->tags() !== [])<x-field id="tag" :label="__('shoots.index.tag')" name="tag"
                :options="['' => 'any'] + array_combine($page->tags(), $page->tags())"
                :value="$page->tag" />@endif
            <button class="button">{{ __('common.search') }}</button>
            @if ($page->query !== '' || $page->tag !== '' || $page->when !== 'all')<a class="button is-quiet" href="{{ route('shoots.index') }}">{{
                __('shoots.index.show_all') }}</a>@endif
        </form>
        @if ($page->found->isNotEmpty())
            <section class="panel" aria-labelledby="found-title"><header class="panel-head"><h2 id="found-title">{{ __('shoots.index.also') }}</h2></header>
                <ul class="plain-list">@foreach ($page->found as $one)<li><span class="quiet">{{ $one['kind'] }}</span><a
                    href="{{ $one['href'] }}">{{ $one['name'] }}</a></li>@endforeach</ul></section>
        @endif
        <div class="first-columns">
            <section class="panel" aria-labelledby="shoots-title">
                <header class="panel-head"><h2 id="shoots-title">{{ __('common.shoots') }}</h2><span class="quiet">{{ $page->shoots->count() }}</span></header>
                <ul class="shoot-list">
                    @forelse ($page->shoots as $shoot)
                        @php $tide = $page->tide($shoot); @endphp
                        <li>@if ($tide !== null)<svg class="small-tide" viewBox="0 0 {{ SmallTide::WIDTH }} {{ SmallTide::HEIGHT }}"
                            preserveAspectRatio="none" aria-hidden="true"><path class="water" d="{{ $tide->path }}" /></svg>@else<i
                                class="small-tide"></i>@endif
                            <a href="{{ route('shoots.show', $shoot) }}"><b>{{ $shoot->name }}</b></a>
                            <span class="quiet">{{ collect([$shoot->place, $shoot->shoot_date === null ? null : $settings->date($shoot->shoot_date),
                                $shoot->shots_count . ($shoot->shots_count === 1
                                ? (' ' . __('shoots.index.shot')) : (' ' . __('shoots.index.shots'))), ...$shoot->tags])->filter()->join(' · ') }}</span></li>
                    @empty<li class="nothing">{{ $page->isEmpty()
                        ? __('shoots.index.none') : __('shoots.index.none_fits') }}</li>
                    @endforelse
                </ul>
            </section>
            <div class="first-side">
                <form class="panel new-shoot" data-new method="post" action="{{ route('shoots.store') }}">
                    @csrf
                    <h2>{{ __('shoots.index.new') }} <kbd>N</kbd></h2>
                    @foreach (['name' => [__('common.name'), 'text', '24ch'], 'place' => [__('common.place'), 'text', '24ch'],
                        'shoot_date' => [__('common.date'), 'date', '16ch']] as $field => [
                        $label, $type, $width])
                        <x-field :id="'f-' . $field" :label="$label" :name="$field" :type="$type" :width="$width" is-text
                            :problem="$errors->first('shoot.' . $field)" />
                    @endforeach
                    <button class="button is-strong"><x-icon name="plus" /><span class="text">{{ __('shoots.index.create') }}</span></button>
                </form>
                @php [$month, $byDay] = [$page->month($settings), $page->byDay()]; @endphp
                <section class="panel month" aria-labelledby="month-title"><header class="panel-head"><h2 id="month-title">{{ $month->name() }}</h2></header>
                    <table><thead><tr>@foreach ($month->days() as $name)<th scope="col">{{ $name }}</th>@endforeach</tr></thead>
                    <tbody>@foreach ($month->weeks() as $week)<tr>@foreach ($week as $date)<td>@if (isset($byDay[$date ?? '-']))<a
                        href="{{ route('shoots.show', $byDay[$date]) }}" aria-label="{{ __('shoots.index.shoot_on',
                            ['date' => $settings->date($byDay[$date]->shoot_date)]) }}"
                        title="{{ $byDay[$date]->name }}">{{ (int) substr($date, 8) }}</a>@elseif ($date !== null){{ (int) substr($date, 8)
                        }}@endif</td>@endforeach
                        </tr>@endforeach</tbody>
                    </table></section>
                @php $runs = $page->lastRuns(); @endphp
                @if ($runs->isNotEmpty())
                <section class="panel" aria-labelledby="runs-title"><header class="panel-head"><h2 id="runs-title">{{
                    __('shoots.index.last_runs') }}</h2></header>
                    <ul class="plain-list">@foreach ($runs as $run)<li><a href="{{ $run->at('runs.show') }}">{{ $run->shot->title() }}</a>
                        <span class="quiet">{{ $run->created_at->diffForHumans() }}</span><span>{{ $run->inShort() }}</span></li>@endforeach</ul></section>
                @endif
                @if ($deleted->isNotEmpty())
                    <details class="panel bin"><summary class="panel-head"><h2>{{ __('shoots.index.deleted') }}</h2></summary>
                        <ul>@foreach ($deleted as $shoot)<li><span>{{ $shoot->name }}</span> <x-act :action="route('bin.restore', ['shoot', $shoot->id])"
                            icon="undo-2" class="is-quiet">{{ __('shoots.index.restore') }}</x-act></li>@endforeach</ul></details>
                @endif
            </div>
        </div>
    </div>
</x-layout>
