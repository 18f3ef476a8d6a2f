@include('shots.parts.fields-of', ['name' => 'pack'])
@include('shots.parts.kit')
