{{-- What the shot takes along: picked from the kit, and kept as it was then. --}}
@php
    use Evrent\Core\Messages\Quantity;
    $plan = $page->plan;
    $warm = $settings->units->temperature;
@endphp
<section class="panel bag" id="bag" aria-labelledby="bag-title">
    <header class="panel-head"><h2 id="bag-title">{{ __('shots.bag.title') }}</h2><a class="quiet" href="{{ route('kit.index') }}">{{
        __('common.kit_link') }}</a></header>
    <ul class="picked">@forelse ($plan->kit as $k => $piece)<li>@if ($piece->count > 1)<b>{{ $piece->count }} ×</b> @endif{{ $piece->name }} <span
        class="quiet">{{ $piece->kind->label() }}</span> <x-edit :page="$page" edit="kit-out" :with="['place' => $k]" icon="x" class="is-quiet"
        :id="'kit-out-' . $k"><span class="sr-only">{{ __('shots.bag.leave_out', ['piece' => $piece->name]) }}</span></x-edit></li>@empty<li
        class="quiet">{{ __('shots.bag.none') }}</li>@endforelse</ul>
    <form class="given-form pick" method="post" action="{{ $page->shot->at('shots.kit') }}" data-live>@csrf<input class="live-revision"
        type="hidden" name="revision" value="{{ $page->revision->id }}">
        <x-field id="pick-item" :label="__('shots.bag.pick')" name="item" value="" :options="$page->kitChoices()" />
        <x-field id="pick-count" :label="__('shots.bag.many')" name="count" value="1" width="2ch" inputmode="numeric" />
        <button class="button"><x-icon name="plus" /><span class="text">{{ __('shots.bag.pick_press') }}</span></button></form>
    @foreach (App\Pages\BagPart::all($plan) as $bagPart)
        @php [$part, $name] = [$bagPart->id, $bagPart->name]; @endphp
        @if ($bagPart->there)
        <x-fold :id="'bag-' . $part" :title="$name" :says="$bagPart->inShort($texts)">
            <div class="grid-fields">@foreach ($bagPart->fields as [$pointer, $label, $unit, $width])<x-number :pointer="$pointer" :label="$label"
                :value="$texts[$pointer] ?? ''" :unit="$unit" :width="$width"
                shown-label :class="$pointer === '/storage/cards_gb' ? 'is-list' : ''" />@endforeach
                @if ($part === 'storage')<x-choice pointer="/storage/slots" :label="__('shots.bag.two_cards')" :value="$texts['/storage/slots']"
                    :options="['overflow' => __('shots.bag.overflow'), 'copy' => __('shots.bag.both'), 'split' => __('shots.bag.split')]" />@endif
                @if (in_array($part, ['power-camera', 'power-rig'], true))
                    <x-choice :pointer="'/power/' . substr($part, 6) . '/mains'" :label="__('shots.bag.from', ['name' => $name])"
                    :value="$texts['/power/' . substr($part, 6) . '/mains']"
                    :options="['0' => __('shots.bag.batteries'), '1' => __('shots.bag.mains')]" />@endif
                @if ($part === 'power-bank')<x-choice pointer="/power/bank/feeds" :label="__('shots.bag.feeds')" :value="$texts['/power/bank/feeds']"
                    :options="['camera' => __('shots.bag.the_camera'), 'rig' => __('shots.bag.the_rig'), 'both' => __('shots.bag.both_of_them')]" />@endif
                <x-edit :page="$page" edit="part-out" :with="['part' => $part]" icon="trash-2" class="is-quiet" :id="$part . '-out'">{{ __('shots.bag.out',
                    ['name' => lcfirst($name)]) }}</x-edit>
            </div>
        </x-fold>
        @endif
    @endforeach
    @if ($plan->power !== null)
        <x-fold id="bag-cold" :title="__('shots.bag.cold')" :says="$texts['/power/temperature_c'] . ' ' . $warm">
        <div class="grid-fields"><x-number pointer="/power/temperature_c" :label="__('shots.bag.temperature')" :value="$texts['/power/temperature_c']"
            :unit="$warm"
            :width="4" shown-label />
            @foreach ($plan->power->cold as $c => $key)<x-number :pointer="'/power/cold/' . $c . '/share'"
                :label="__('shots.bag.left', ['celsius' => Quantity::rounded($key['celsius'], 0)])" :value="$texts['/power/cold/' . $c . '/share']" unit="%"
                :width="4" shown-label />@endforeach</div></x-fold>
    @endif
    <p class="not-there">@foreach (App\Pages\BagPart::all($plan) as $bagPart)@unless ($bagPart->there)<x-edit :page="$page" edit="part-in"
        :with="['part' => $bagPart->id]" icon="plus" class="is-quiet" :id="$bagPart->id . '-in'">{{ $bagPart->name }}</x-edit>@endunless @endforeach</p>
</section>
