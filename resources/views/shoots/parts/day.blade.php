{{-- The day line with the shots on it, and the shots in their order: sent again by itself when one is moved. --}}
@php
    use App\Pages\TargetLine;
    use Evrent\Core\Drawings\DayDrawing;
    use Evrent\Core\Sky\Target;
    use Evrent\Core\Messages\Quantity;
    use Evrent\Words\TypedStart;
    $shoot = $page->shoot;
    $clock = $settings->clock(...);
    $message = fn (int $id, string $field) => $problems["stay.{$id}.{$field}"] ?? $errors->first("stay.{$id}.{$field}");
@endphp
<div id="day" @if ($page->isAwaited()) hx-get="{{ route('shoots.day', $shoot) }}" hx-trigger="load delay:1s" hx-swap="outerHTML" @endif>
@if ($page->line !== null && $page->drawing !== null)
    @php $drawing = $page->drawing; $line = $page->line; $width = $drawing->width(); @endphp
    <section class="panel day-line" aria-labelledby="day-title">
        <header class="panel-head"><h2 id="day-title">{{ __('shoots.day.title') }}</h2>
            <dl class="told">@foreach ($line->told() as [$what, $when])<div><dt>{{ $what }}</dt><dd>{{ $clock($when) }}</dd></div>@endforeach</dl></header>
        <div class="tide-tracks" role="group" aria-label="{{ __('shoots.day.heights') }}">
            <span class="quiet">{{ __('shoots.day.heights_of') }}</span>@foreach (Target::cases() as $target)<button type="button" class="button is-quiet"
                :aria-pressed="tracks.{{ $target->value }}" aria-pressed="false" @click="toggleTrack('{{ $target->value }}')"><svg
                viewBox="0 0 24 6" aria-hidden="true"><path class="height" style="{{ TargetLine::style($target) }}" d="M0 3L24 3" /></svg><span
                class="text">{{ $target->name() }}</span></button>@endforeach
        </div>
        <div class="sky-area">
            <div class="sky-names" aria-hidden="true">@foreach ([15, 10, 5, 0, -5, -10] as $value)<span
                style="top: {{ $drawing->down($value) }}%">EV {{ Quantity::rounded($value, 0) }}</span>@endforeach</div>
            <div class="sky-plot">
                <div class="tide">
                <svg class="tide-chart" viewBox="0 0 {{ $width }} {{ DayDrawing::TIDE_UNITS }}" preserveAspectRatio="none" role="img"
                    aria-label="{{ __('shoots.day.light_curve') }}">
                    <path class="water" d="{{ $drawing->tide() }}" />
                    @foreach ($page->day->stays as $stay)
                        @php $x = fn ($instant) => round($line->secondsOf($instant) / 60, 1); @endphp
                        <rect class="berth" x="{{ $x($stay->arrives) }}" width="{{ max(1, $x($stay->leaves) - $x($stay->arrives)) }}" y="0"
                            height="{{ DayDrawing::TIDE_UNITS }}" />
                    @endforeach
                    <path class="surface" d="{{ $drawing->skyValues() }}" />
                    @foreach ($drawing->heights() as $target => $path)<path class="height" data-track="{{ $target }}"
                        style="{{ TargetLine::style(Target::from($target)) }}" d="{{ $path }}" />@endforeach
                </svg>
                </div>
                @foreach ($page->events->at($line->site) as [$place, $instant, $label])
                    @php $at = $drawing->percent($line->secondsOf($instant)); @endphp
                    <span class="own-event" data-late="{{ $at > 80 ? 'yes' : 'no' }}" style="--at: {{ $at }}%">
                        <span>{{ $clock($line->site->day->clock($instant)) }} {{ $label }}</span></span>
                @endforeach
                <div class="day-clock" aria-hidden="true">@foreach ($drawing->clock() as [$at, $time])<span
                    style="--at: {{ $at }}%">{{ $clock($time) }}</span>@endforeach</div>
                <div class="bars" x-ref="bars" data-span="{{ $line->spanSeconds }}" data-midnight="{{ $line->site->day->begins->unixSeconds }}"
                    data-zone="{{ $line->site->zone }}" data-twelve="{{ $settings->clock('13:00') === '13:00' ? 'no' : 'yes' }}">
                    @foreach ($page->day->stays as $stay)
                        @php
                            $at = fn ($instant) => $drawing->percent($line->secondsOf($instant));
                            $shot = $page->shots[$stay->id]->figures;
                            $revision = $page->shots[$stay->id]->shot->current_revision_id;
                        @endphp
                        <div class="bar-row"><button type="button" class="stay" id="stay-{{ $stay->id }}"
                            data-late="{{ $at($stay->leaves) > 70 ? 'yes' : 'no' }}"
                            data-clash="{{ $page->day->clashesOf($stay) === [] ? 'no' : 'yes' }}" data-works="{{ $shot->verdict->works() ? 'yes' : 'no' }}"
                            data-url="{{ route('shots.stay', [$page->shoot, $stay->id]) }}" data-begins="{{ $line->secondsOf($stay->begins) }}"
                                data-revision="{{ $revision }}" style="--from: {{ $at($stay->arrives) }}%; --begins: {{ $at($stay->begins) }}%;
                                --ends: {{ $at($stay->ends) }}%; --to: {{ $at($stay->leaves) }}%"
                            title="{{ __('shoots.day.drag') }}" aria-label="{{ __('shoots.day.block', ['title' => $stay->title,
                                'beginsText' => $clock($shot->beginsText), 'endsText' => $clock($shot->endsText)]) }}"><span class="stay-whole"></span><span
                                class="stay-run"></span><span class="stay-name">{{ $stay->title }}</span></button></div>
                    @endforeach
                </div>
                @if ($page->day->untimed !== [])<div class="beside-day"><span class="quiet">{{ __('shoots.day.no_start') }}</span>
                    @foreach ($page->day->untimed as $stay)<button type="button" class="button stay-loose" id="stay-{{ $stay->id }}"
                        data-url="{{ route('shots.stay', [$page->shoot, $stay->id]) }}" data-revision="{{
                        $page->shots[$stay->id]->shot->current_revision_id }}">{{ $stay->title }}</button>@endforeach</div>@endif
                <output class="drag-figures" x-show="text" x-cloak x-text="text" :style="'left: ' + left + 'px; top: ' + top + 'px'"></output>
            </div>
        </div>
        <ul class="legend sky-legend" aria-hidden="true">
            <li><i class="swatch-water"></i>{{ __('shoots.day.land') }}</li>
            <li><svg viewBox="0 0 24 6"><path class="surface" d="M0 3L24 3" /></svg>{{ __('shoots.day.sky') }}</li>
            <li><i class="swatch-stay"></i>{{ __('shoots.day.on_site_key') }}</li>
        </ul>
        <ul class="stakes">@foreach ($page->events->at($line->site) as [$place, $instant, $label])<li><b>{{ $clock($line->site->day->clock($instant)) }}</b>
            {{ $label }}</li>@endforeach</ul>
    </section>
@endif
    @php $day = $page->day; @endphp
    @if ($day->stays !== [])
        <p class="day-sum">@if ($page->shoot->site() !== null){{ __('shoots.day.on_site') }}
            <b>{{ Quantity::duration($day->onSiteSeconds()) }}</b>@if ($day->idleSeconds() > 0){{ __('shoots.day.of_which') }}
            <b>{{ Quantity::duration($day->idleSeconds()) }}</b> {{ __('shoots.day.between') }} @endif
            @if ($day->clashes === []){{ __('shoots.day.no_clash') }} @endif @endif</p>
    @endif
    @foreach ($day->clashes as $clash)
        <p class="clash" role="alert"><x-icon name="triangle-alert"
            /><span><b>{{ $clash->first->title }}</b> {{ __('common.and') }} <b>{{ $clash->second->title }}</b>{{ __('shoots.day.clash',
                ['sentence' => $clash->sentence(), 'seconds' => Quantity::duration($clash->seconds)]) }}</span>
            <span class="clash-acts">@foreach ($page->mending($clash) as $mend)
                <x-act :action="$mend['action']" :method="$mend['method']" :fields="$mend['fields']">{{ $mend['label'] }}</x-act>
            @endforeach</span></p>
    @endforeach
    <ol class="shots">
        @forelse ($page->inOrder() as $one)
            @php $figures = $one->figures; $shot = $one->shot; @endphp
            @if ($figures === null)
            <li class="panel shot-card" data-works="no">
                <div class="shot-name"><h2><a href="{{ $shot->at('shots.show') }}">{{ $one->title() }}</a></h2>
                    <p class="says"><x-icon :name="$one->isAwaited ? 'clock' : 'triangle-alert'"
                        /><span>{{ $one->isAwaited ? __('shoots.day.working')
                        : __('shoots.day.broken') }}</span></p></div>
                <div class="shot-acts"><x-act :action="$shot->at('shots.destroy')" method="delete" icon="trash-2" class="is-quiet">{{
                    __('common.delete') }}</x-act></div>
            </li>
            @continue
            @endif
            <li class="panel shot-card" data-works="{{ $figures->verdict->works() ? 'yes' : 'no' }}" data-verdict="{{ $figures->verdict->standing() }}">
                <div class="shot-name">
                    <h2><a href="{{ $shot->at('shots.show') }}">{{ $figures->title }}</a></h2>
                    <p class="says"><x-icon :name="App\Pages\Icon::ofVerdict($figures->verdict)" />
                        @if ($figures->verdict->works())<span><b>{{ $figures->verdict->inShort() }}</b>{{ __('shoots.day.slack',
                            ['minSlackSeconds' => Quantity::seconds($figures->minSlackSeconds), 'coverage' => $figures->verdict->coverage()]) }}</span>
                        @else @php $failure = $figures->verdict->failure; @endphp<span><b>{{ $figures->verdict->inShort() }}</b>: {{
                            $settings->clock($failure['shortfall']) }}@if ($failure['first_photo']){{ __('shoots.day.from_photo',
                                ['first_photo' => $failure['first_photo']]) }} @endif</span>@endif
                        @if ($figures->others > 0)<span class="quiet">{{ __('shoots.day.more', ['others' => $figures->others]) }}</span>@endif</p>
                </div>
                <dl class="shot-figures">
                    @if ($figures->recordingSeconds > 0)<div><dt>{{ __('shoots.day.video') }}</dt><dd>{{
                        Quantity::duration($figures->recordingSeconds) }}</dd></div>
                    @else<div><dt>{{ __('common.photos') }}</dt><dd>{{ Quantity::limit($figures->photos) }}</dd></div>@endif
                    <div><dt>{{ __('shoots.day.clip') }}</dt><dd>{{ Quantity::seconds($figures->clipSeconds) }}</dd></div>
                    <div><dt>{{ __('shoots.day.runs') }}</dt><dd>{{ Quantity::duration($figures->runSeconds) }}</dd></div>
                    <div><dt>{{ __('common.from') }}</dt><dd>{{ $clock($figures->beginsText ?? '–') }}</dd></div>
                    <div><dt>{{ __('common.until') }}</dt><dd>{{ $clock($figures->endsText ?? '–') }}</dd></div>
                </dl>
                <div class="shot-acts">
                    @include('shots.parts.rename', ['shot' => $shot, 'title' => $figures->title, 'class' => 'is-quiet'])
                    <x-act :action="$shot->at('shots.duplicate')" icon="copy" class="is-quiet">{{ __('shoots.day.duplicate') }}</x-act>
                    @if ($page->otherShoots() !== [])<details class="menu" @if ($errors->has("to-shoot.{$shot->id}.*")) open @endif><summary
                        class="button is-quiet"><x-icon name="route" /><span class="text">{{ __('shoots.day.to_shoot') }}</span></summary>
                        <form method="post" action="{{ $shot->at('shots.move') }}">@csrf @method('put')
                            <x-field :id="'to-shoot-' . $shot->id" :label="__('shoots.day.shoot')" name="shoot_id" :options="$page->otherShoots()" value=""
                                :problem="$errors->first('to-shoot.' . $shot->id . '.shoot_id')" />
                            <button class="button">{{ __('shoots.day.move') }}</button>
                            <button class="button is-quiet" formaction="{{ $shot->at('shots.duplicate') }}" name="_method" value="post">{{
                                __('shoots.day.copy') }}</button></form></details>@endif
                    <x-act :action="$shot->at('shots.destroy')" method="delete" icon="trash-2" class="is-quiet">{{ __('common.delete') }}</x-act>
                </div>
                <form class="stay-form" method="post" action="{{ $shot->at('shots.stay') }}" data-part="day" data-send-on-change>
                    @csrf @method('put')<input type="hidden" name="revision" value="{{ $shot->current_revision_id }}">
                    <x-was :of="['start' => TypedStart::shown($figures->start), 'setup_minutes' => $shot->setup_minutes,
                        'teardown_minutes' => $shot->teardown_minutes, 'on_site' => $one->onSite()]" />
                    @foreach ([
                        'start' => [__('common.start'), TypedStart::shown($figures->start), '24ch', ''],
                        'setup_minutes' => [__('shoots.day.set_up'), (string) $shot->setup_minutes, '3ch', 'min'],
                        'teardown_minutes' => [__('shoots.day.pack'), (string) $shot->teardown_minutes, '3ch', 'min'],
                        'on_site' => [__('shoots.day.on_site'), $one->onSite(), '11ch', ''],
                    ] as $field => [$label, $value, $fieldWidth, $unit])
                        <x-field :id="'stay-' . $shot->id . '-' . $field" :label="$label" :name="$field" :width="$fieldWidth" :unit="$unit"
                            :is-text="in_array($field, ['start', 'on_site'], true)" :value="$message($shot->id, $field) ? \App\Http\Typed::before($field,
                                $value) : $value"
                            :problem="$message($shot->id, $field)" />
                    @endforeach
                    @if ($figures->start !== '' && $figures->beginsText === null)<p
                        class="problem">{{ $page->line === null ? __('shoots.day.no_place')
                        : __('shoots.day.no_event') }}</p>@endif
                    <button class="button is-quiet without-script">{{ __('shoots.day.save') }}</button>
                </form>
            </li>
        @empty
            <li class="panel nothing">{{ __('shoots.day.none') }}</li>
        @endforelse
    </ol>
</div>
