@php
    use Evrent\Core\Plan\EndsBy;
    $end = $page->plan->end;
    $ends = ['' => __('shots.ends.photos')] + collect(EndsBy::cases())->mapWithKeys(fn (EndsBy $by) => [$by->value => $by->label()])->all();
@endphp
<section class="panel needs-clock" aria-label="{{ __('shots.ends.title') }}">
    <x-fold id="ends" :title="__('shots.ends.title')" 
        :says="Words::say($ends[$end?->by->value ?? '']) . ($page->plan->window === null ? '' : __('shots.ends.hours'))">
    <div class="grid-fields">
        <x-choice pointer="/end/by" :label="__('shots.ends.ends')" :value="$texts['/end/by']" :options="$ends" />
        <x-number pointer="/end/at" :label="__('common.at')" :value="$texts['/end/at']" :width="18" shown-label />
        <x-number pointer="/window/from" :label="__('shots.ends.each_day')" :value="$texts['/window/from']" :width="14" shown-label />
        <x-number pointer="/window/until" :label="__('common.to')" :value="$texts['/window/until']" :width="14" shown-label />
        <x-edit :page="$page" edit="interval-fastest" class="is-quiet" id="interval-fastest">{{ __('shots.ends.fastest') }}</x-edit>
    </div>
    @include('shots.parts.by-day')
    <small class="quiet">{{ __('shots.ends.help', ['part' => $page->pins->isFastest ? (__('shots.ends.fast') . ' ') : '']) }}</small>
    </x-fold>
</section>
