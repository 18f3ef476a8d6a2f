@php
    use Evrent\Core\Format\PlainText;
    use Evrent\Core\Format\PlanChanges;
    use Evrent\Core\Motion\EaseShape;
    $plan = $page->plan;
    $easing = $plan->move->easing;
@endphp
<section class="panel" aria-labelledby="keyframes-title">
    <header class="panel-head"><h2 id="keyframes-title">Keyframes and ease</h2></header>
    <div class="keyframes-and-ease">
    <div class="scrolls">
    <table class="table keyframes">
        <thead>
            <tr>
                <th scope="col">Axis</th>
                @foreach ($plan->move->keyframes as $k => $keyframe)
                    <th scope="col"><span class="peg">{{ PlanChanges::peg($k) }}</span>
                        <small>{{ match (true) { $k === 0 => 'first photo', $k === array_key_last($plan->move->keyframes) => 'last photo', $keyframe->pass => PlainText::percent($keyframe->at) . ' %, passed', default => PlainText::percent($keyframe->at) . ' %, stops' } }}</small></th>
                @endforeach
                <th scope="col">Travel</th>
            </tr>
        </thead>
        <tbody>
            @foreach ($plan->rig->axes as $a => $axis)
                <tr>
                    <th scope="row"><i class="axis-line" data-axis="{{ $a % 3 }}"></i>{{ $axis->id }}</th>
                    @foreach ($plan->move->keyframes as $k => $keyframe)
                        <td><x-number :pointer="'/move/keyframes/' . $k . '/' . $axis->id" :label="ucfirst($axis->id) . ' at ' . PlanChanges::peg($k)" :value="PlainText::number($keyframe->positions[$axis->id])" :unit="$axis->kind->unit()" :width="6"
                            :problem="$axis->holds($keyframe->positions[$axis->id]) ? null : $axis->travelProblem()" /></td>
                    @endforeach
                    <td class="quiet">{{ PlainText::rounded($axis->min) }} to {{ PlainText::rounded($axis->max) }} {{ $axis->kind->unit() }}</td>
                </tr>
            @endforeach
        </tbody>
    </table>
    </div>
    <div class="ease">
        <x-number pointer="/move/easing/ramp_in" label="Ramp in" :value="PlainText::percent($easing->rampIn)" unit="%" :width="4" shown-label />
        <x-number pointer="/move/easing/ramp_out" label="Ramp out" :value="PlainText::percent($easing->rampOut)" unit="%" :width="4" shown-label />
        <span class="number">
            <label for="f-move-easing-shape">Shape</label>
            <span class="entry"><select class="plan-field" id="f-move-easing-shape" name="plan[move][easing][shape]" form="plan" aria-describedby="p-move-easing-shape">
                @foreach (EaseShape::cases() as $shape)<option value="{{ $shape->value }}" @selected($shape === $easing->shape)>{{ $shape->value }}</option>@endforeach
            </select></span>
            <x-problem pointer="/move/easing/shape" />
        </span>
        @include('shots.parts.ramp')
    </div>
    </div>
</section>
