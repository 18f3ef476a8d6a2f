@php
    use Evrent\Core\Format\PlainText;
    use Evrent\Core\Format\PlanChanges;
    use Evrent\Core\Motion\EaseShape;
    $plan = $page->plan;
    $easing = $plan->move->easing;
@endphp
<section class="panel" aria-labelledby="keyframes-title">
    <header class="panel-head"><h2 id="keyframes-title">Keyframes and ease</h2></header>
    <div @class(['keyframes-and-ease', 'is-wide' => count($plan->move->keyframes) > 2])>
    <div class="scrolls">
    <table class="table keyframes">
        <thead>
            <tr>
                <th scope="col">Axis</th>
                @foreach ($plan->move->keyframes as $k => $keyframe)
                    <th scope="col"><span class="peg">{{ PlanChanges::peg($k) }}</span>
                        @if ($k === 0)<small>first photo</small>@elseif ($k === array_key_last($plan->move->keyframes))<small>last photo</small>@else
                        <x-act :action="route('shots.keyframes.destroy', [$page->shot, $k])" method="delete" icon="trash-2" class="is-quiet" :id="'take-out-' . $k" :revision="$page->revision->id" hx-boost="true" hx-target="#shot" hx-select="#shot" hx-swap="outerHTML" hx-push-url="false"><span class="sr-only">Take {{ PlanChanges::peg($k) }} out</span></x-act>@endif</th>
                @endforeach
                <th scope="col">Travel</th>
            </tr>
        </thead>
        <tbody>
            @php $last = array_key_last($plan->move->keyframes); @endphp
            @if ($last > 1)
                <tr>
                    <th scope="row">when</th>
                    @foreach ($plan->move->keyframes as $k => $keyframe)
                        <td>@if ($k > 0 && $k < $last)<x-number :pointer="'/move/keyframes/' . $k . '/at'" :label="'Share of the photos at ' . PlanChanges::peg($k)" :value="PlainText::percent($keyframe->at)" unit="%" :width="6" />@endif</td>
                    @endforeach
                    <td></td>
                </tr>
                <tr>
                    <th scope="row">there</th>
                    @foreach ($plan->move->keyframes as $k => $keyframe)
                        <td>@if ($k > 0 && $k < $last)
                            <span class="entry"><select class="plan-field" form="plan" id="f-pass-{{ $k }}" name="plan[move][keyframes][{{ $k }}][pass]" aria-label="{{ PlanChanges::peg($k) }}: stop or pass">
                                <option value="0" @selected(!$keyframe->pass)>stop</option><option value="1" @selected($keyframe->pass)>pass</option>
                            </select></span>
                            <x-number :pointer="'/move/keyframes/' . $k . '/hold_photos'" :label="'Photos held at ' . PlanChanges::peg($k)" :value="$keyframe->holdPhotos" unit="held" :width="3" />
                        @endif</td>
                    @endforeach
                    <td></td>
                </tr>
            @endif
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
    <p class="add-keyframe">
        @foreach ($plan->move->keyframes as $k => $keyframe)
            @if ($k < $last)<x-act :action="route('shots.keyframes.store', $page->shot)" icon="plus" class="is-quiet" :id="'add-after-' . $k" :fields="['after' => $k]" :revision="$page->revision->id" hx-boost="true" hx-target="#shot" hx-select="#shot" hx-swap="outerHTML" hx-push-url="false">{{ $last === 1 ? 'Add a keyframe between' : 'Add between ' . PlanChanges::peg($k) . ' and ' . PlanChanges::peg($k + 1) }}</x-act>@endif
        @endforeach
    </p>
    </div>
    <div class="ease">
        <x-number pointer="/move/easing/ramp_in" label="Ramp in" :value="PlainText::percent($easing->rampIn)" unit="%" :width="4" shown-label />
        <x-number pointer="/move/easing/ramp_out" label="Ramp out" :value="PlainText::percent($easing->rampOut)" unit="%" :width="4" shown-label />
        <x-number pointer="/move/easing/ramp_total" label="Both together" :value="PlainText::percent($easing->total())" unit="%" :width="4" shown-label />
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
