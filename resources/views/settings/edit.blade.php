@php
    use App\Pages\Settings;
    $texts = $settings->texts();
    $message = fn (string $field) => $errors->first('settings.' . $field);
@endphp
<x-layout :title="__('settings.edit.title')" :crumbs="[__('common.shoots') => route('shoots.index'), __('settings.edit.title') => null]">
    <div class="page settings">
        <header class="page-head"><h1>{{ __('settings.edit.title') }}</h1>
        <p class="quiet">{{ __('settings.edit.lead') }}</p></header>
        <form method="post" action="{{ route('settings.update') }}">@csrf @method('put')<x-was :of="$texts" />
            <section class="panel" aria-labelledby="units-title"><header class="panel-head"><h2 id="units-title">{{ __('settings.edit.units') }}</h2></header>
                <div class="grid-fields">@foreach (['language', 'rig_unit', 'distance_unit', 'temperature_unit', 'clock', 'dates',
                    'week'] as $name)<x-field
                    :id="'s-' . $name" :label="Settings::label($name)" :name="$name" :options="Settings::options($name)" :value="old($name, $texts[$name])"
                    :problem="$message($name)" />@endforeach</div></section>
            <section class="panel" aria-labelledby="new-title"><header class="panel-head"><h2 id="new-title">{{ __('settings.edit.new_shot') }}</h2></header>
                <div class="grid-fields">@foreach (['starter', 'rate'] as $name)<x-field :id="'s-' . $name" :label="Settings::label($name)" :name="$name"
                    :options="Settings::options($name)" :value="old($name, $texts[$name])" :problem="$message($name)" />@endforeach
                @foreach (['setup_minutes' => __('settings.edit.setup'), 'teardown_minutes' => __('settings.edit.teardown')] as $name => $label)<x-field
                    :id="'s-' . $name" :label="$label"
                    :name="$name" width="4ch" :unit="__('common.minutes_unit')" :value="old($name, $texts[$name])"
                        :problem="$message($name)" />@endforeach</div>
                <x-fold id="limits" :title="__('settings.edit.limits')" :says="__('settings.edit.limits_says')"
                    :is-open="collect($errors->keys())->contains(fn ($key) => str_starts_with($key, 'settings.limit_'))">
                    <div class="grid-fields">@foreach (App\Pages\Limits::FIELDS as $field => $unit)<x-field :id="'s-limit-' . $field" 
                        :label="App\Pages\Limits::label($field)"
                        :name="'limit_' . $field" width="4ch" :unit="App\Pages\Limits::unit($field)" :value="old('limit_' . $field, $texts['limit_' . $field])"
                        :problem="$message('limit_' . $field)" />@endforeach</div></x-fold></section>
            <section class="panel" aria-labelledby="folders-title"><header class="panel-head"><h2 id="folders-title">{{
                __('settings.edit.folders') }}</h2></header>
                <div class="grid-fields"><x-field id="s-photo_folders" :label="__('settings.edit.folders_label')"
                    name="photo_folders" type="textarea" :value="old('photo_folders', $texts['photo_folders'])"
                    :problem="$message('photo_folders')" />
                <x-field id="s-photo_megapixels" :label="__('settings.edit.megapixels')" name="photo_megapixels" width="4ch"
                    :unit="__('settings.edit.megapixels_unit')"
                    :value="old('photo_megapixels', $texts['photo_megapixels'])" :problem="$message('photo_megapixels')" /></div></section>
            <section class="panel" aria-labelledby="hands-title"><header class="panel-head"><h2 id="hands-title">{{ __('settings.edit.keys') }}</h2></header>
                <div class="grid-fields">@foreach (['keys', 'look_by_time'] as $name)<x-field :id="'s-' . $name" :label="Settings::label($name)" :name="$name"
                    :options="Settings::options($name)" :value="old($name, $texts[$name])" :problem="$message($name)" />@endforeach</div></section>
            <div class="form-acts"><button class="button is-strong">{{ __('settings.edit.save') }}</button></div>
        </form>
        <section class="panel" aria-labelledby="about-title"><header class="panel-head"><h2 id="about-title">{{ __('settings.edit.about') }}</h2></header>
            <p class="said-of">{{ __('settings.edit.licences') }}</p></section>
    </div>
</x-layout>
