@extends('errors.minimal')
@section('title', __('errors.403.title'))
@section('message', __('errors.403.says'))
