{{-- Drawn by script from the numbers below it; the table of every photo stands behind it. --}}
<section id="chart" class="chart panel" aria-labelledby="chart-title">
    <header class="panel-head">
        <h2 id="chart-title" class="sr-only">{{ __('shots.chart.title') }}</h2>
        <p class="readout">
            <span>{{ __('shots.chart.photo') }} <b x-text="$store.run.photo">–</b> {{ __('common.of') }} <b x-text="$store.run.photos"></b></span>
            <span x-text="$store.run.phaseName"></span>
            <span>{{ __('common.at') }} <b x-text="$store.run.clock"></b></span>
            <span x-show="bundle > 1 && $store.run.mode !== 'continuous'">{{ __('shots.chart.step') }} <b x-text="bundle"></b> {{
                __('common.photos_unit') }}</span>
        </p>
        <div class="tools" role="toolbar" aria-label="{{ __('shots.chart.chart') }}">
            <button type="button" class="button is-quiet" @click="step(-1)" title="{{ __('shots.chart.before_key') }}"><x-icon name="chevron-left" /><span
                class="sr-only">{{ __('shots.chart.before') }}</span></button>
            <button type="button" class="button is-quiet" @click="step(1)" title="{{ __('shots.chart.after_key') }}"><x-icon name="chevron-right" /><span
                class="sr-only">{{ __('shots.chart.after') }}</span></button>
            <button type="button" class="button is-quiet" @click="chart.zoomBy(2)" title="{{ __('shots.chart.in_key') }}"><x-icon name="zoom-in" /><span
                class="sr-only">{{ __('shots.chart.in') }}</span></button>
            <button type="button" class="button is-quiet" @click="chart.zoomBy(0.5)" title="{{ __('shots.chart.out_key') }}"><x-icon name="zoom-out" /><span
                class="sr-only">{{ __('shots.chart.out') }}</span></button>
            <button type="button" class="button is-quiet" @click="chart.zoomToPhoto()" title="{{ __('shots.chart.this_key') }}"><x-icon name="fold-horizontal"
                /><span class="sr-only">{{ __('shots.chart.this') }}</span></button>
            <button type="button" class="button is-quiet" @click="chart.zoomOut()" title="{{ __('shots.chart.whole_key') }}"><x-icon name="maximize-2" /><span
                class="sr-only">{{ __('shots.chart.whole') }}</span></button>
            <button type="button" class="button is-quiet needs-rig" @click="toggleOverlay()" :aria-pressed="overlay" aria-pressed="false"
                title="{{ __('shots.chart.lanes_key') }}"><x-icon name="layers-2" /><span class="sr-only">{{ __('shots.chart.lanes') }}</span></button>
            <button type="button" class="button is-quiet needs-rig" @click="toggleShared()" :aria-pressed="shared" aria-pressed="false"
                title="{{ __('shots.chart.scale_hint') }}"><x-icon name="ruler" /><span class="sr-only">{{ __('shots.chart.scale') }}</span></button>
            <button type="button" class="button is-quiet needs-rig" @click="addPeg()" title="{{ __('shots.chart.key_key') }}"><x-icon
                name="map-pin-plus" /><span
                class="sr-only">{{ __('shots.chart.key') }}</span></button>
        </div>
    </header>
    <div class="staircase needs-rig" x-ref="staircase">
        <div class="lane-names" aria-hidden="true"><p class="lane-name of-slack"><small>{{ __('shots.chart.slack') }}</small></p><template
            x-for="lane in lanes" :key="lane.id">
        <p class="lane-name" :style="'height: ' + lane.height + 'px'"><template x-for="axis in lane.axes" :key="axis.id"><span><i class="axis-line"
            :data-axis="axis.pattern"></i><b x-text="$store.run.nameOf(axis.id)"></b>
            <small class="lane-now" x-text="$store.run.position(axis.id)"></small><small
            x-text="axis.ends"></small></span></template></p></template></div>
        <div class="plot-area" x-ref="plot">
            <div class="pegs"><template x-for="peg in pegs" :key="peg.letter"><button type="button" class="peg" :style="'left: ' + peg.left + 'px'"
                x-show="peg.visible" :data-peg="peg.place" :data-pass="peg.pass" :aria-pressed="selectedPeg === peg.place" :aria-label="peg.label"
                :title="peg.label" x-text="peg.letter"></button></template></div>
            <canvas x-ref="canvas" role="img" :aria-label="chartLabel" aria-label="{{ __('shots.chart.axes') }}"></canvas>
            <div class="grips"><template x-for="grip in grips" :key="grip.key"><button type="button" class="grip"
                :style="'left: ' + grip.left + 'px; top: ' + grip.top + 'px'" x-show="grip.visible" :data-peg="grip.place" :data-axis-id="grip.axis"
                :data-axis="grip.pattern" :aria-label="grip.label" :title="grip.label"></button></template></div>
            <output class="drag-figures" x-show="dragText" x-text="dragText" :style="'left: ' + dragLeft + 'px'"></output>
        </div>
    </div>
    <div class="peg-bar needs-rig">
        <span class="quiet" x-show="selectedPeg === null">{{ __('shots.chart.help') }}
            <kbd>?</kbd> {{ __('shots.chart.keys') }}</span>
        <span class="peg" x-show="selectedPeg !== null" x-cloak x-text="chosenPeg.letter"></span>
        <span class="quiet" x-show="selectedPeg !== null" x-cloak x-text="chosenPeg.where"></span>
        <span class="peg-acts" x-show="selectedPeg !== null" x-cloak>
            <button type="button" class="button is-quiet" @click="goToPeg(selectedPeg)">{{ __('shots.chart.go') }}</button>
            <button type="button" class="button is-quiet" x-show="!chosenPeg.end" @click="togglePass(selectedPeg)"
                x-text="$store.run.label(chosenPeg.pass ? 'scripts.bench.stop_there' : 'scripts.bench.pass_through')"></button>
            <label class="peg-hold" x-show="!chosenPeg.pass">{{ __('shots.chart.hold') }} <span class="entry"><input type="text" inputmode="numeric"
                autocomplete="off"
                style="--width: 4ch" :value="chosenPeg.hold" @change="holdAt(selectedPeg, $event.target.value)"></span> {{ __('common.photos_unit') }}</label>
            <button type="button" class="button is-quiet" x-show="!chosenPeg.end" @click="removePeg(selectedPeg)"><x-icon name="trash-2" /><span
                class="text">{{ __('shots.chart.remove') }}</span></button>
        </span>
    </div>
    @include('shots.parts.interval')
</section>
