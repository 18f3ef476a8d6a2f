@include('shots.parts.fields-of', ['name' => 'frame'])
