@php use Evrent\Core\Format\PlanChanges; @endphp
<section class="panel jog of-frame of-run needs-rig" id="jog" aria-labelledby="jog-title" :data-on="jogging ? 'yes' : 'no'">
    <h2 id="jog-title" class="sr-only">{{ __('shots.jog.title') }}</h2>
    <div class="jog-axes">
        <template x-for="(axis, index) in $store.run.axes" :key="axis.id"><div class="jog-axis" :data-chosen="jogAxis === index ? 'yes' : 'no'">
            <label class="jog-name"><input type="radio" name="jog-axis" :value="index" x-model.number="jogAxis"><i class="axis-line"
                :data-axis="index % 3"></i><b x-text="$store.run.nameOf(axis.id)"></b></label>
            <span class="jog-steps">
                <button type="button" class="button" @click="jogBy(index, -1, true)"
                    :aria-label="$store.run.label('scripts.bench.jog_back', axis, axis.coarse_text)">«</button>
                <button type="button" class="button" @click="jogBy(index, -1, false)"
                    :aria-label="$store.run.label('scripts.bench.jog_back', axis, axis.fine_text)">‹</button>
                <span class="entry"><input type="text" inputmode="decimal" autocomplete="off" style="--width: 7ch"
                    :aria-label="$store.run.label('scripts.bench.position', axis)" :value="jogAt(axis.id)"
                    @change="jogTo(axis.id, $event.target.value)"><span class="unit"
                    x-text="axis.unit"></span></span>
                <button type="button" class="button" @click="jogBy(index, 1, false)"
                    :aria-label="$store.run.label('scripts.bench.jog_forward', axis, axis.fine_text)">›</button>
                <button type="button" class="button" @click="jogBy(index, 1, true)"
                    :aria-label="$store.run.label('scripts.bench.jog_forward', axis, axis.coarse_text)">»</button>
            </span></div></template>
        <label class="jog-of-frame"><input type="checkbox" x-model="stepsOfFrame"> {{ __('shots.jog.steps') }}</label>
        <p class="problem" id="jog-problem" role="alert" x-text="jogProblem"></p>
    </div>
    @include('shots.parts.rig')
</section>
