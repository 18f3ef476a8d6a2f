{{-- What may spoil the scene, with its hour, and where else to stand. --}}
@php
    use Evrent\Core\Day\FieldCard;
    use Evrent\Core\Plan\TroubleKind;
    $troubles = Evrent\Core\Shot\TroubleTimes::of($page->worked->shot);
    $kinds = array_filter(App\Pages\InShort::options(TroubleKind::class), fn ($kind) => $kind !== '', ARRAY_FILTER_USE_KEY);
@endphp
<section class="panel" aria-label="{{ __('shots.scene.title') }}">
    <x-fold id="scene" :title="__('shots.scene.title')" :says="implode('; ', array_map(fn ($one) => Words::say(FieldCard::trouble($one)), $troubles))">
    <ul class="plain-list">@foreach ($troubles as $t => $one)<li>{{ $settings->clock(FieldCard::trouble($one)) }} <x-edit :page="$page" edit="trouble-out"
        :with="['place' => $t]" icon="trash-2" class="is-quiet" :id="'trouble-out-' . $t"><span class="sr-only">{{ __('shots.scene.remove',
            ['kind' => $one['trouble']->kind->label()]) }}</span></x-edit></li>@endforeach</ul>
    <x-given-edit :page="$page" edit="trouble-add">
        <x-given name="kind" :label="__('shots.scene.add_kind')" :options="$kinds" id="trouble-kind" />
        <x-given name="from" :label="__('shots.scene.from')" mode="text" :width="7" id="trouble-from" />
        <x-given name="to" :label="__('common.to')" mode="text" :width="7" id="trouble-to" />
        <x-given name="note" :label="__('shots.scene.what')" mode="text" :width="24" id="trouble-note" /><button class="button">{{
            __('shots.scene.add') }}</button></x-given-edit>
    <div class="grid-fields"><x-number pointer="/scene/plan_b" :label="__('shots.scene.fallback')" :value="$texts['/scene/plan_b']"
        :width="30" shown-label /></div>
    </x-fold>
</section>
