@php
    use Evrent\Core\Format\PlainText;
    use Evrent\Core\Format\PlanChanges;
    use Evrent\Core\Motion\Path;
    use Evrent\Core\Schedule\IntervalColumns;
    use Evrent\Core\Schedule\Phase;
    use Evrent\Core\Schedule\Staircase;
    use Evrent\Core\Schedule\TimeTicks;
    $schedule = $page->schedule;
    $run = $schedule->summary->runSeconds;
    $bands = $schedule->bands();
    $pegs = $schedule->pegPhotos();
@endphp
<x-part id="chart" class="chart panel" aria-labelledby="chart-title" x-data="bench" :swap="isset($swap)">
    <script type="application/json" x-ref="columns">@json(IntervalColumns::of($schedule))</script>
    <header class="panel-head">
        <h2 id="chart-title">The run, photo by photo</h2>
        <p class="readout" x-cloak>
            <span>photo <b x-text="photo"></b> of {{ number_format($schedule->photosTotal()) }}</span>
            <span x-text="phaseName"></span>
            <span>at <b x-text="value('at')"></b></span>
            @foreach ($page->plan->rig->axes as $axis)<span>{{ $axis->id }} <b x-text="position(@js($axis->id))"></b> {{ $axis->kind->unit() }}</span>@endforeach
        </p>
    </header>
    <div class="staircase" style="--run: {{ $run }}" x-ref="staircase" @pointermove="point($event)" @pointerdown="point($event)">
        <div class="pegs" aria-hidden="true">
            @foreach ($pegs as $i => $number)
                <span class="peg" style="--at: {{ $schedule->photo($number)->triggerSeconds }}">{{ PlanChanges::peg($i) }}</span>
            @endforeach
        </div>
        @foreach (Staircase::of($schedule, 700) as $i => $stairs)
            <div class="lane" data-axis="{{ $i % 3 }}">
                <p class="lane-name"><b>{{ $stairs->axis->id }}</b>
                    <span>{{ PlainText::rounded($stairs->points[0][1]) }} → {{ PlainText::rounded($stairs->points[array_key_last($stairs->points)][1]) }} {{ $stairs->axis->kind->unit() }}</span></p>
                {{-- Drawn in the run's own units, seconds across and mm or degrees up: nothing is converted to pixels here. --}}
                <svg class="plot" viewBox="0 {{ -$stairs->highest }} {{ $run }} {{ $stairs->span }}" preserveAspectRatio="none" aria-hidden="true">
                    @foreach ($bands as [$phase, $from, $length])
                        <rect class="band" data-phase="{{ $phase->value }}" x="{{ $from }}" width="{{ $length }}" y="{{ -$stairs->highest }}" height="{{ $stairs->span }}" />
                    @endforeach
                    <g transform="scale(1 -1)"><path class="line" d="M{{ collect($stairs->points)->map(fn ($point) => round($point[0], 3) . ' ' . round($point[1], 4))->join('L') }}" /></g>
                </svg>
            </div>
        @endforeach
        <div class="cursor" x-cloak :style="`--at: ${value('trigger')}`"></div>
        <div class="ticks" aria-hidden="true">
            @foreach (TimeTicks::within($run, 8) as $tick)<span style="--at: {{ $tick }}">{{ $tick > 0 ? PlainText::duration($tick) : '0' }}</span>@endforeach
        </div>
    </div>
    <label class="scrub">
        <span class="sr-only">Photo under the cursor</span>
        <input type="range" min="1" max="{{ $schedule->photosTotal() }}" value="{{ $schedule->summary->tightestPhoto }}" x-model.number="photo" x-ref="scrub" id="scrub" data-tightest="{{ $schedule->summary->tightestPhoto }}"
            :aria-valuetext="`Photo ${photo}, ${phaseName}, at ${value('at')}, ${slackText}`">
    </label>
    @include('shots.parts.interval')
</x-part>
