@php
    use App\Pages\Settings;
    $texts = $settings->texts();
    $message = fn (string $field) => $errors->first('settings.' . $field);
@endphp
<x-layout title="Settings" :crumbs="['Shoots' => route('shoots.index'), 'Settings' => null]">
    <div class="page settings">
        <header class="page-head"><h1>Settings</h1>
        <p class="quiet">How you read and type things, and what a new shot begins with. Plans keep millimetres, metres and 24 hours whatever you choose; a
            number may always be typed with its unit, such as 12 in.</p></header>
        <form method="post" action="{{ route('settings.update') }}">@csrf @method('put')<x-was :of="$texts" />
            <section class="panel" aria-labelledby="units-title"><header class="panel-head"><h2 id="units-title">Units, clock and dates</h2></header>
                <div class="grid-fields">@foreach (['rig_unit', 'distance_unit', 'temperature_unit', 'clock', 'dates', 'week'] as $name)<x-field
                    :id="'s-' . $name" :label="Settings::LABELS[$name]" :name="$name" :options="Settings::CHOICES[$name]" :value="old($name, $texts[$name])"
                    :problem="$message($name)" />@endforeach</div></section>
            <section class="panel" aria-labelledby="new-title"><header class="panel-head"><h2 id="new-title">A new shot begins with</h2></header>
                <div class="grid-fields">@foreach (['starter', 'rate'] as $name)<x-field :id="'s-' . $name" :label="Settings::LABELS[$name]" :name="$name"
                    :options="Settings::CHOICES[$name]" :value="old($name, $texts[$name])" :problem="$message($name)" />@endforeach
                @foreach (['setup_minutes' => 'Setting up', 'teardown_minutes' => 'Packing'] as $name => $label)<x-field :id="'s-' . $name" :label="$label"
                    :name="$name" width="4ch" unit="min" :value="old($name, $texts[$name])" :problem="$message($name)" />@endforeach</div>
                <x-fold id="limits" title="Warning limits" says="an empty one is the usual"
                    :is-open="collect($errors->keys())->contains(fn ($key) => str_starts_with($key, 'settings.limit_'))">
                    <div class="grid-fields">@foreach (App\Pages\Limits::FIELDS as $field => [$label, $unit])<x-field :id="'s-limit-' . $field" :label="$label"
                        :name="'limit_' . $field" width="4ch" :unit="$unit" :value="old('limit_' . $field, $texts['limit_' . $field])"
                        :problem="$message('limit_' . $field)" />@endforeach</div></x-fold></section>
            <section class="panel" aria-labelledby="folders-title"><header class="panel-head"><h2 id="folders-title">Photos are read from</h2></header>
                <div class="grid-fields"><x-field id="s-photo_folders" label="Folders on this machine, and all below them, one in each line"
                    name="photo_folders" type="textarea" :value="old('photo_folders', $texts['photo_folders'])"
                    :problem="$message('photo_folders')" />
                <x-field id="s-photo_megapixels" label="Photos are looked at up to" name="photo_megapixels" width="4ch" unit="megapixels"
                    :value="old('photo_megapixels', $texts['photo_megapixels'])" :problem="$message('photo_megapixels')" /></div></section>
            <section class="panel" aria-labelledby="hands-title"><header class="panel-head"><h2 id="hands-title">Keys and look</h2></header>
                <div class="grid-fields">@foreach (['keys', 'look_by_time'] as $name)<x-field :id="'s-' . $name" :label="Settings::LABELS[$name]" :name="$name"
                    :options="Settings::CHOICES[$name]" :value="old($name, $texts[$name])" :problem="$message($name)" />@endforeach</div></section>
            <div class="form-acts"><button class="button is-strong">Save settings</button></div>
        </form>
        <section class="panel" aria-labelledby="about-title"><header class="panel-head"><h2 id="about-title">About</h2></header>
            <p class="said-of">Evrent is free software under the MIT licence. Letters: B612, SIL Open Font License. Icons: Lucide, ISC. Places by name:
                GeoNames, CC BY 4.0.</p></section>
    </div>
</x-layout>
